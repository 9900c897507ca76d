/** The layers of the house; arrows point down only. See README, "The layout of the house". */
const places = ['today', 'plan', 'tasks', 'review', 'settings'];
const above = (layer, allowed) => ({
  name: `${layer}-looks-down`,
  severity: 'error',
  from: { path: `^${layer}/`, pathNot: '\\.test\\.tsx?$' },
  to: {
    path: '^(app|features|ui|state|workers|core|server|demo|e2e)/',
    pathNot: `^(${[layer, ...allowed].join('|')})/`,
  },
});

module.exports = {
  forbidden: [
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    above('app', ['features', 'ui', 'state', 'workers', 'core', 'demo']),
    above('features', ['ui', 'state', 'workers', 'core']),
    above('ui', ['state', 'workers', 'core']),
    above('state', ['core', 'workers']),
    above('workers', ['core']),
    above('core', []),
    above('server', ['core']),
    above('demo', ['core']),
    ...places.map((place) => ({
      name: `${place}-knows-no-other-feature`,
      severity: 'error',
      from: { path: `^features/${place}/` },
      to: { path: '^features/', pathNot: `^features/${place}/` },
    })),
    {
      name: 'core-is-pure',
      severity: 'error',
      from: { path: '^core/', pathNot: '\\.test\\.ts$' },
      to: { path: '^node_modules/', pathNot: 'node_modules/(zod|chrono-node|ical\\.js|temporal-|@vvo/tzdb)' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: {
      extensions: ['.ts', '.tsx', '.js', '.mjs', '.json'],
      conditionNames: ['import', 'require', 'default', 'types'],
    },
  },
};
