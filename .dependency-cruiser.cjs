/** Specifications and what is made up for them. */
const SPECS = '(\\.spec|/made-[a-z-]+)\\.ts$';
const to = (...rooms) => `^(${rooms.join('|')})/`;
const rule = (name, from, forbidden, comment) => ({
  name,
  severity: 'error',
  comment,
  from: { path: from, pathNot: SPECS },
  to: { path: forbidden },
});

/** Imports run one way: web and server → words, contract → core; demo → server; the truth of the island → nothing. */
module.exports = {
  forbidden: [
    {
      name: 'no-cycles',
      severity: 'error',
      from: {},
      to: { circular: true },
    },
    rule(
      'core-stands-alone',
      '^core/',
      to('contract', 'catalogue', 'words', 'server', 'web', 'demo', 'e2e'),
      'The core knows nobody.',
    ),
    {
      name: 'core-short-list',
      severity: 'error',
      comment: 'The only packages the core may use.',
      from: { path: '^core/', pathNot: SPECS },
      to: {
        path: 'node_modules',
        pathNot: 'node_modules/(@neaps/tide-predictor|jstat|luxon|@types/luxon|ml-matrix|suncalc)/',
      },
    },
    {
      name: 'core-no-node',
      severity: 'error',
      from: { path: '^core/', pathNot: SPECS },
      to: { dependencyTypes: ['core'] },
    },
    rule(
      'contract-on-core',
      '^contract/',
      to('catalogue', 'words', 'server', 'web', 'demo', 'e2e'),
      'The contract knows the core only.',
    ),
    {
      name: 'contract-short-list',
      severity: 'error',
      from: { path: '^contract/', pathNot: SPECS },
      to: { path: 'node_modules', pathNot: 'node_modules/yup' },
    },
    rule('catalogue-on-contract', '^catalogue/', to('words', 'server', 'web', 'demo', 'e2e'), ''),
    rule('words-on-contract', '^words/', to('catalogue', 'server', 'web', 'demo', 'e2e'), ''),
    rule('server-not-web', '^server/', to('web', 'demo', 'e2e'), 'Server and web never meet.'),
    {
      name: 'pages-in-storeys',
      severity: 'error',
      comment: 'What all pages stand on knows none of them.',
      from: { path: '^web/src/(platform|session|kit|form|offline|entries)/', pathNot: SPECS },
      to: { path: '^web/src/', pathNot: '^web/src/(platform|session|kit|form|offline|entries)/' },
    },
    rule('web-not-server', '^web/', to('server', 'catalogue', 'demo', 'e2e'), 'Server and web never meet.'),
    rule('demo-not-web', '^demo/', to('web', 'e2e'), ''),
    rule(
      'truth-alone',
      '^core/src/truth/',
      '^(contract|catalogue|words|server|web|demo)/|^core/src/(?!truth/)',
      'How plants really behave is not made of the forecaster.',
    ),
    rule(
      'truth-unknown',
      '^(core/src/(?!truth/|sandbox/)|contract/|catalogue/|words/|server/|web/)',
      '^core/src/truth/',
      'Only who makes an island up, or plays on one, knows how its plants really behave.',
    ),
    {
      name: 'express-at-the-rim',
      severity: 'error',
      from: { path: '^server/src/', pathNot: '^server/src/(platform/http/|app\\.ts|.*\\.spec\\.ts$)' },
      to: { path: 'node_modules/(express|helmet|pino-http)/' },
    },
    {
      name: 'sql-in-repositories',
      severity: 'error',
      from: {
        path: '^server/src/',
        pathNot: '(repository|table|-table|columns|database|migrate|rate-limit)\\.ts$|\\.spec\\.ts$',
      },
      to: { path: 'node_modules/drizzle-orm' },
    },
    {
      name: 'domains-meet-at-index',
      severity: 'error',
      comment: 'Another domain is entered through its index, its table, or its policy, which says who sees what.',
      from: {
        path: '^server/src/(archive|calendar|entries|hearth|identity|patches|people|photos|places|plants|stands|tide|visits|weather|year)/',
        pathNot: SPECS,
      },
      to: {
        path: '^server/src/(archive|calendar|entries|hearth|identity|patches|people|photos|places|plants|stands|tide|visits|weather|year)/',
        pathNot: '^server/src/($1)/|/(index|policy|table|rule-table)\\.ts$',
      },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(dist|migrations)/' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'types', 'default'],
      extensions: ['.ts', '.vue', '.js', '.mjs', '.json'],
    },
  },
};
