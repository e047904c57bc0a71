import { defineNuxtRouteMiddleware, navigateTo } from '#imports'
import { useSession } from '../stores/session'

const signInPath = '/bench/sign-in'
const invitationPath = '/bench/invitation'

/** Everything of the bench but the sign-in page is for signed-in people. */
export default defineNuxtRouteMiddleware(async (to) => {
  if (to.path === invitationPath) return undefined
  const session = useSession()
  await session.load()
  if (session.account === null && to.path !== signInPath)
    return navigateTo({ path: signInPath, query: { next: to.fullPath } })
  if (session.account !== null && to.path === signInPath) return navigateTo('/bench')
  return undefined
})
