/** The rules of the house: arrows point down only. See docs/architecture.md. */

/** The rooms, from the top floor down; a room may look into those below it. */
const floors = ['app', 'features', 'panels', 'board', 'actions', 'ui', 'state', 'workers', 'core'];
/** What one may look into beyond the rooms below it. */
const more = { app: ['demo'], server: ['core'], demo: ['core'], door: ['core'] };

const looksDown = (room, allowed) => ({
  name: `${room}-looks-down`,
  severity: 'error',
  from: { path: `^${room}/` },
  to: {
    path: `^(${[...floors, 'server', 'demo', 'door', 'e2e', 'scripts'].join('|')})/`,
    pathNot: `^(${[room, ...allowed].join('|')})/`,
  },
});

/** The folders of a room do not know each other, but for those that are there for all. */
const apart = (room, shared = 'nothing') => ({
  name: `no-${room}-knows-another`,
  severity: 'error',
  from: { path: `^${room}/([^/]+)/` },
  to: { path: `^${room}/([^/]+)/`, pathNot: `^${room}/($1|${shared})/` },
});

module.exports = {
  forbidden: [
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'no-circles-of-folders',
      severity: 'error',
      scope: 'folder',
      from: { path: '^(core|state|ui|actions|board|panels|features|workers)' },
      to: { circular: true },
    },
    ...floors.map((room, i) => looksDown(room, [...floors.slice(i + 1), ...(more[room] ?? [])])),
    looksDown('server', more.server),
    looksDown('demo', more.demo),
    looksDown('door', more.door),
    apart('features'),
    apart('panels', 'parts'),
    {
      name: 'ui-knows-nothing-of-the-trade',
      severity: 'error',
      from: { path: '^ui/' },
      to: { path: '^core/(plan|tasks|track|review|calendar|commands|formats)/' },
    },
    {
      name: 'core-is-pure',
      severity: 'error',
      from: { path: '^core/' },
      to: {
        path: '^node_modules/',
        pathNot:
          'node_modules/(zod|chrono-node|ical\\.js|temporal-|@vvo/tzdb|papaparse|minisearch|@leeoniya|postal-mime|htmlparser2)',
      },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(\\.test\\.tsx?|/fixtures/.*)$' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: {
      extensions: ['.ts', '.tsx', '.js', '.mjs', '.json'],
      conditionNames: ['import', 'require', 'default', 'types'],
    },
  },
};
