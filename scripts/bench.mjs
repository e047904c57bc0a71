import { join } from 'node:path'
import { openData, startCluster } from './lib/cluster.mjs'
import { checkNode, ensurePackages } from './lib/install.mjs'
import { root, run, runMain } from './lib/system.mjs'

/** Measures on a database of its own: `npm run bench` listings of up to a million entries, `npm run bench:content` the content screens. */
const what = process.argv[2] ?? 'listings'
if (!['listings', 'content'].includes(what)) throw new Error(`There is no benchmark “${what}”.`)
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
    await run(process.execPath, ['--import', 'tsx', `scripts/bench/${what}.ts`], { env })
  } finally {
    stop()
  }
})
