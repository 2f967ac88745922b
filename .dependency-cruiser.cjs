/** Imports run downward only: app → stations → (ui, data, workers, devices) → core. */
const layer = (name) => `^src/${name}/`
const never = (name, from, to, comment) => ({ name, severity: 'error', comment, from, to })

/**
 * Folders of the core, lowest first: each knows those before it and none after. What two of them share stands in the lower one, or below
 * both.
 */
const CORE = [
  ...['units', 'linear', 'stats', 'colour', 'document', 'geometry', 'sheet', 'day', 'tolerance'],
  ...[
    'plate',
    'wipe',
    'ink',
    'paper',
    'press',
    'register',
    'prove',
    'match',
    'edition',
    'dry',
    'record',
    'morning',
  ],
]
const folders = (names) => `^src/core/(${names.join('|')})/`
const coreInOrder = [
  ...CORE.slice(0, -1).map((folder, at) =>
    never(
      `core-${folder}-knows-what-is-below`,
      { path: folders([folder]), pathNot: '\\.test\\.' },
      { path: folders(CORE.slice(at + 1)) },
      'Folders of the core stand in the order of CORE in this file; move what is shared below.',
    ),
  ),
  never(
    'core-folder-has-its-place',
    { path: '^src/core/', pathNot: [folders(CORE), '\\.test\\.'] },
    {},
    'A new folder of the core takes its place in CORE in this file.',
  ),
]

module.exports = {
  forbidden: [
    ...coreInOrder,
    never(
      'no-circles',
      {},
      { circular: true },
      'A circle means that two files are one, or that something is in the wrong one.',
    ),
    never(
      'core-is-pure',
      { path: layer('core'), pathNot: '\\.test\\.' },
      { pathNot: ['^src/core/', '^node_modules/(zod|clipper2-ts|@tarikjabiri/dxf)/'] },
      'The core imports the core, Zod and small pure libraries: no React, Next, Node, database, DOM or clock.',
    ),
    never(
      'ui-knows-no-trade',
      { path: layer('ui') },
      { path: '^src/(app|stations|data|workers|devices|cli|core)/', pathNot: '^src/core/units/' },
      'Interface parts have no domain knowledge; units of length are the one thing a field must read.',
    ),
    never('data-below', { path: layer('data') }, { path: '^src/(app|stations|ui|workers|devices|cli)/' }),
    never(
      'database-below-its-repositories',
      { path: '^src/data/database/', pathNot: '\\.test\\.' },
      { path: '^src/data/(?!database/)' },
      'Tables, migrations and documents know no repository.',
    ),
    never(
      'devices-know-the-core-alone',
      { path: layer('devices') },
      { path: '^src/(app|stations|ui|data|workers|cli)/' },
      'An instrument, simulated or real, knows neither the database nor a screen.',
    ),
    never('workers-compute', { path: layer('workers') }, { path: '^src/(app|stations|ui|data|cli)/' }),
    never('stations-below', { path: layer('stations') }, { path: '^src/(app|cli)/' }),
    never('app-is-the-top', { path: '^src/(stations|ui|data|core|cli)/' }, { path: layer('app') }),
    never(
      'demo-stays-out',
      {
        path: '^src/',
        pathNot: '^src/(cli|stations/shop/workshop)/|^src/stations/across/act/acts\\.alone\\.test',
      },
      { path: '^demo/' },
      'Only the seed command and the first-run screen may lay out the sample.',
    ),
    never(
      'database-only-in-data',
      { path: '^(src|demo)/', pathNot: layer('data') },
      { path: '^node_modules/(sequelize|sqlite3)/' },
    ),
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'default'],
    },
  },
}
