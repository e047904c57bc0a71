import { join } from 'node:path'
import { openData, startCluster } from './lib/cluster.mjs'
import { checkNode, ensureBuild, ensurePackages } from './lib/install.mjs'
import { freePort, root, run, runMain } from './lib/system.mjs'

/**
 * Measures on a database of its own: `npm run bench` listings of up to a million entries, `npm run
 * bench:content` the content screens, `npm run bench:saves` saves beside long writes, `npm run
 * bench:pages` public pages, `npm run bench:months` months of calendars,
 * `npm run bench:visitors` what presses on visitors' controls ask.
 */
const what = process.argv[2] ?? 'listings'
if (!['listings', 'content', 'saves', 'pages', 'months', 'visitors'].includes(what))
  throw new Error(`There is no benchmark “${what}”.`)
await runMain(async () => {
  checkNode()
  const data = openData(join(root, '.data/bench'))
  await ensurePackages()
  const cluster = await startCluster(data, { safe: false, fresh: true })
  const stop = () => cluster.stop()
  process.once('SIGINT', stop)
  process.once('SIGTERM', stop)
  try {
    cluster.createDatabase('bushel')
    const env = { ...process.env, DATABASE_URL: cluster.address('bushel') }
    if (what === 'pages') {
      await ensureBuild()
      await run(process.execPath, ['--import', 'tsx', 'scripts/prepare-database.ts'], { env })
      env.BENCH_PORTS = (await Promise.all([freePort(), freePort(), freePort()])).join(',')
    }
    await run(
      process.execPath,
      ['--import', 'tsx', '--import', './scripts/lib/site-assets.mjs', `scripts/bench/${what}.ts`],
      { env },
    )
  } finally {
    stop()
  }
})
