import ts from 'typescript-eslint';
import vue from 'eslint-plugin-vue';
import vueParser from 'vue-eslint-parser';

export default ts.config(
  {
    ignores: [
      '**/node_modules/**',
      '**/dist/**',
      '.data/**',
      'server/migrations/**',
      'scripts/**',
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
