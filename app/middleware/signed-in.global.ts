import { defineNuxtRouteMiddleware, navigateTo } from '#imports'
import { useSession } from '../stores/session'

const signInPath = '/bench/sign-in'
const invitationPath = '/bench/invitation'
const startPath = '/bench/start'

/** Everything of the bench but the sign-in page is for signed-in people. */
export default defineNuxtRouteMiddleware(async (to) => {
  if (to.path === invitationPath) return undefined
  const session = useSession()
  await session.load()
  if (session.isNew) return to.path === startPath ? undefined : navigateTo(startPath)
  if (to.path === startPath) return navigateTo('/bench')
  if (session.account === null && to.path !== signInPath)
    return navigateTo({ path: signInPath, query: { next: to.fullPath } })
  if (session.account !== null && to.path === signInPath) return navigateTo('/bench')
  return undefined
})
