// Small changes of single lines of the core, one at a time, to see whether a specification notices. Run by scripts/mutants.mjs, a
// room at a time. The specs run as a command: the runner for this version of Mocha needs a newer Node than we ask for.
const room = process.env.EMBERFIELD_ROOM ?? 'core/src/allowance';

export default {
  testRunner: 'command',
  commandRunner: { command: `node node_modules/mocha/bin/mocha.js --bail --reporter dot "${room}/**/*.spec.ts"` },
  mutate: [`${room}/**/*.ts`, `!${room}/**/*.spec.ts`, `!${room}/**/index.ts`, `!${room}/**/{builders,made-*}.ts`],
  coverageAnalysis: 'off',
  // What a text says is nothing to notice.
  mutator: { excludedMutations: ['StringLiteral'] },
  ignorePatterns: ['.data', 'coverage', 'web', 'demo', 'e2e', 'docs', 'words'],
  reporters: ['json'],
  jsonReporter: { fileName: `coverage/mutants/${room.replaceAll('/', '-')}.json` },
  tempDirName: '.stryker-tmp',
  concurrency: 2,
  timeoutMS: 20_000,
};
