import { defineNitroPlugin } from 'nitropack/runtime'
import { indexMissingWords } from '../content/entry-words'
import { keepFieldIndexes } from '../content/keep-field-indexes'
import { database } from '../db/client'
import { addUpKeyCounts } from '../listings/key-counts'
import { changeFeed } from '../live/feed'

export default defineNitroPlugin((nitro) => {
  void changeFeed().start()
  keepFieldIndexes(database())
  void indexMissingWords(database()).catch((error: unknown) => console.warn(`Words are not all indexed: ${String(error)}`))
  const addingUp = setInterval(() => void addUpKeyCounts(database()).catch((error: unknown) => console.warn(`Counts were not added up: ${String(error)}`)), 60_000)
  nitro.hooks.hook('close', async () => {
    clearInterval(addingUp)
    await changeFeed().stop()
    await database().destroy()
  })
})
