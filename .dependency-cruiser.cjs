/** The arrows of import: core ← site ← server, core ← app, core ← demo ← server. */
const only = (from, ...to) => ({
  name: `${from} imports only its own and ${to.join(', ') || 'packages'}`,
  severity: 'error',
  from: { path: `^${from}/`, pathNot: '\\.test\\.ts$' },
  to: {
    path: '^(app|core|demo|server|site|scripts|tests|stand-ins)/',
    pathNot: `^(${[from, ...to].join('|')})/`,
  },
})

/** The floors of the core: order, rules, cards, shapes ← visitors ← listing ← query. What stands on a floor is not known below it. */
const below = (floor, ...above) => ({
  name: `core/${floor} knows nothing of ${above.join(', ')}`,
  severity: 'error',
  from: { path: `^core/${floor}/`, pathNot: '\\.test\\.ts$' },
  to: { path: `^core/(${above.join('|')})/` },
})

module.exports = {
  forbidden: [
    only('core'),
    only('site', 'core'),
    only('demo', 'core'),
    only('server', 'core', 'site', 'demo'),
    only('app', 'core', 'site'),
    below('content', 'rules', 'listing', 'query', 'pages', 'checks', 'edits'),
    below('order', 'rules', 'listing', 'query', 'cards', 'shapes', 'pages', 'checks', 'edits'),
    below('rules', 'listing', 'query', 'cards', 'shapes', 'pages', 'checks', 'edits'),
    below('cards', 'visitors', 'query', 'checks', 'edits'),
    below('shapes', 'visitors', 'listing', 'query', 'checks', 'edits'),
    below('visitors', 'listing', 'query', 'pages', 'checks', 'edits'),
    below('listing', 'query', 'pages', 'checks', 'edits'),
    {
      name: 'the core uses small pure packages only',
      severity: 'error',
      from: { path: '^core/', pathNot: '\\.test\\.ts$' },
      to: {
        path: 'node_modules/',
        pathNot:
          'node_modules/(yup|luxon|immer|rrule|country-to-currency|css-tree|@capsizecss|@types/(luxon|css-tree))/',
      },
    },
    {
      name: 'the core uses nothing of node',
      severity: 'error',
      from: { path: '^core/', pathNot: '\\.test\\.ts$' },
      to: { dependencyTypes: ['core'] },
    },
    {
      name: 'public pages carry nothing of the bench',
      severity: 'error',
      from: { path: '^site/' },
      to: { path: 'node_modules/(vuetify|pinia|nuxt)/' },
    },
    {
      name: 'no circles',
      severity: 'error',
      from: {},
      to: { circular: true, viaOnly: { dependencyTypesNot: ['type-only'] } },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.scripts.json' },
    enhancedResolveOptions: { extensions: ['.ts', '.vue', '.mjs', '.js', '.json'] },
  },
}
