import ts from 'typescript-eslint';
import vue from 'eslint-plugin-vue';
import vueParser from 'vue-eslint-parser';

const SPECS = ['**/*.spec.ts', 'e2e/**', '**/testing/**', '**/made-*.ts'];
const longest = (max) => ({ 'max-lines-per-function': ['error', { max, skipBlankLines: true, skipComments: true }] });

export default ts.config(
  {
    ignores: [
      '**/node_modules/**',
      '**/dist/**',
      '.data/**',
      'server/migrations/**',
      'scripts/**',
      // AssemblyScript: reads like TypeScript and is none.
      'core/loops/**',
      '*.mjs',
      '*.cjs',
      '**/*.config.ts',
    ],
  },
  {
    files: ['**/*.ts'],
    extends: [...ts.configs.recommendedTypeChecked],
    languageOptions: { parserOptions: { project: './tsconfig.json', tsconfigRootDir: import.meta.dirname } },
    rules: rules(),
  },
  { files: ['web/src/**/*.ts'], languageOptions: { parserOptions: { project: './web/tsconfig.eslint.json' } } },
  {
    files: ['web/src/**/*.vue'],
    extends: [...vue.configs['flat/essential']],
    languageOptions: { parser: vueParser, parserOptions: { parser: ts.parser, sourceType: 'module' } },
    rules: {
      'vue/multi-word-component-names': 'error',
      'vue/no-v-html': 'error',
      'vue/require-explicit-emits': 'error',
    },
  },
  // What does not fit on a screen does more than one thing. A composable is the script of its screen, and an island is drawn by a list.
  { files: ['**/*.ts'], ignores: SPECS, rules: longest(80) },
  { files: ['web/src/**/*.ts'], ignores: SPECS, rules: longest(100) },
  { files: ['core/src/**/*.ts'], ignores: SPECS, rules: longest(40) },
  { files: ['demo/src/island/*.ts'], rules: { 'max-lines-per-function': 'off' } },
  // An assertion is an expression here, and builders of tests may be loose about what they leave out.
  {
    files: ['**/*.spec.ts', 'e2e/**/*.ts'],
    rules: {
      '@typescript-eslint/no-unused-expressions': 'off',
      '@typescript-eslint/no-unsafe-assignment': 'off',
      '@typescript-eslint/no-unsafe-member-access': 'off',
      '@typescript-eslint/no-unsafe-argument': 'off',
    },
  },
);

function rules() {
  return {
    '@typescript-eslint/no-explicit-any': 'error',
    '@typescript-eslint/no-floating-promises': 'error',
    '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
    '@typescript-eslint/switch-exhaustiveness-check': ['error', { considerDefaultExhaustiveForUnions: true }],
    '@typescript-eslint/require-await': 'off',
    eqeqeq: ['error', 'always', { null: 'ignore' }],
    'max-lines': ['error', { max: 400, skipComments: true }],
    'no-console': 'error',
  };
}
