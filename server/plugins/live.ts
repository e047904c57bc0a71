import { defineNitroPlugin } from 'nitropack/runtime'
import { indexOldAnew } from '../content/index-anew'
import { keepFieldIndexes } from '../content/keep-field-indexes'
import { database } from '../db/client'
import { addUpKeyCounts } from '../listings/key-counts'
import { changeFeed } from '../live/feed'

export default defineNitroPlugin((nitro) => {
  void changeFeed().start()
  keepFieldIndexes(database())
  void indexOldAnew(database()).catch((error: unknown) => console.warn(`Not everything is indexed anew: ${String(error)}`))
  const addingUp = setInterval(() => void addUpKeyCounts(database()).catch((error: unknown) => console.warn(`Counts were not added up: ${String(error)}`)), 60_000)
  nitro.hooks.hook('close', async () => {
    clearInterval(addingUp)
    await changeFeed().stop()
    await database().destroy()
  })
})
