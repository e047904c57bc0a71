import { join } from 'node:path'
import { openData, startCluster } from './lib/cluster.mjs'
import { checkNode, ensurePackages } from './lib/install.mjs'
import { root, run, runMain } from './lib/system.mjs'

/** Measures the content screens' questions and writes on 1,000 and 100,000 entries: `npm run bench:content`. */
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
    await run(process.execPath, ['--import', 'tsx', 'scripts/bench/content.ts'], { env })
  } finally {
    stop()
  }
})
