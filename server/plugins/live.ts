import { defineNitroPlugin } from 'nitropack/runtime'
import { keepFieldIndexes } from '../content/keep-field-indexes'
import { database } from '../db/client'
import { changeFeed } from '../live/feed'

export default defineNitroPlugin((nitro) => {
  void changeFeed().start()
  keepFieldIndexes(database())
  nitro.hooks.hook('close', async () => {
    await changeFeed().stop()
    await database().destroy()
  })
})
