import { defineNitroPlugin } from 'nitropack/runtime'
import { database } from '../db/client'
import { changeFeed } from '../live/feed'

export default defineNitroPlugin((nitro) => {
  void changeFeed().start()
  nitro.hooks.hook('close', async () => {
    await changeFeed().stop()
    await database().destroy()
  })
})
