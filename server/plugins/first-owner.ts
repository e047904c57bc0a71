import { defineNitroPlugin } from 'nitropack/runtime'
import { database } from '../db/client'
import { isWithoutOwner, startCode } from '../people/first-owner'

/** Says how the first owner of a new site gets in. */
export default defineNitroPlugin(async () => {
  const isNew = await isWithoutOwner(database()).catch(() => false)
  // On the error output, which the starter shows.
  if (isNew)
    console.warn(`\n  Nobody owns this site yet. Open /bench/start and type the code ${startCode()}\n`)
})
