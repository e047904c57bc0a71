import { defineNitroPlugin } from 'nitropack/runtime'
import { indexMissingWords } from '../content/entry-words'
import { keepFieldIndexes } from '../content/keep-field-indexes'
import { database } from '../db/client'
import { changeFeed } from '../live/feed'

export default defineNitroPlugin((nitro) => {
  void changeFeed().start()
  keepFieldIndexes(database())
  void indexMissingWords(database()).catch((error: unknown) => console.warn(`Words are not all indexed: ${String(error)}`))
  nitro.hooks.hook('close', async () => {
    await changeFeed().stop()
    await database().destroy()
  })
})
