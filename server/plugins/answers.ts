import { defineNitroPlugin } from 'nitropack/runtime'
import { benchPolicy } from '../http/content-policy'

/** While it is worked on, the bench is served with scripts that change, by a server of its own. */
const whileWorkedOn = "frame-ancestors 'self'"

/** Documents of the bench have their own policy, and nobody needs to know what they are made with. */
export default defineNitroPlugin((nitro) => {
  nitro.hooks.hook('render:response', (response) => {
    const policy = import.meta.dev
      ? whileWorkedOn
      : benchPolicy(typeof response.body === 'string' ? response.body : '')
    response.headers = { ...response.headers, 'content-security-policy': policy }
    Reflect.deleteProperty(response.headers, 'x-powered-by')
  })
})
