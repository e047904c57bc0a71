import { defineNuxtRouteMiddleware, navigateTo } from '#imports'
import { attempt } from '../shared/attempt'
import { useCollections } from '../stores/collections'

/** Content begins with something to look at: the first collection, or the making of one. */
export default defineNuxtRouteMiddleware(async (to) => {
  if (to.path.replace(/\/$/, '') !== '/bench/content') return undefined
  const collections = useCollections()
  if ((await attempt(async () => (await collections.load(), true))) === null) return undefined
  const [first] = collections.rows
  return navigateTo(first ? `/bench/content/${first.slug}` : '/bench/content/new', { replace: true })
})
