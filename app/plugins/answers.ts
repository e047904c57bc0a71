import { defineNuxtPlugin } from '#imports'
import { VueQueryPlugin } from '@tanstack/vue-query'
import { answersClient } from '../shared/answers'

/** One memory of what the server answered, for every screen of the bench. */
export default defineNuxtPlugin((nuxt) => {
  nuxt.vueApp.use(VueQueryPlugin, { queryClient: answersClient() })
})
