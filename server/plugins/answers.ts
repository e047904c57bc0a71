import { defineNitroPlugin } from 'nitropack/runtime'

/** Nobody needs to know what answers are made with. */
export default defineNitroPlugin((nitro) => {
  nitro.hooks.hook('render:response', (response) => {
    if (response.headers !== undefined) Reflect.deleteProperty(response.headers, 'x-powered-by')
  })
})
