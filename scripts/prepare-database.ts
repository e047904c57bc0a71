import { openDatabase, databaseUrl } from '../server/db/client'
import { migrate } from '../server/db/migrate'
import { makeEmptySite } from '../server/site/site'
import { isEmpty, loadDemo } from '../server/demo/load-demo'

/**
 * Brings the database of DATABASE_URL up to date, and loads the demo site if it is empty; with
 * BUSHEL_DEMO=0 a site with nothing on it.
 */
const demoSeed = 20

const db = openDatabase(databaseUrl(), 2)
try {
  const applied = await migrate(db)
  if (applied.length > 0) console.log(`Database: ${applied.join(', ')}`)
  if ((await isEmpty(db)) && process.env.BUSHEL_DEMO === '0') {
    await makeEmptySite(db)
    console.log('A new site, with nothing on it yet.')
  } else if (await isEmpty(db)) {
    const { entries } = await loadDemo(db, { now: Date.now(), seed: demoSeed })
    console.log(`Demo site loaded: ${entries} entries.`)
  }
} finally {
  await db.destroy()
}
