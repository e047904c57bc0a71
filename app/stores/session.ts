import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import { includesRole } from '~~/core/people'
import type { Role } from '~~/core/people'
import { request } from '../shared/http'

export interface Account {
  readonly id: string
  readonly name: string
  readonly email: string
  readonly role: Role
}

interface SessionAnswer {
  readonly account: Account | null
  /** Whether nobody owns the site yet. */
  readonly isNew: boolean
  readonly demo: { readonly email: string; readonly password: string } | null
}

/** Who is signed in. */
export const useSession = defineStore('session', () => {
  const account = ref<Account | null>(null)
  const demo = ref<SessionAnswer['demo']>(null)
  const isNew = ref(false)
  let asked = false
  /** Whether who is signed in may set up pages, listings and collections. */
  const maySetUp = computed(() => account.value !== null && includesRole(account.value.role, 'designer'))

  /** Asks the server once who is signed in. */
  async function load(): Promise<void> {
    if (asked) return
    const answer = await request<SessionAnswer>('GET', '/api/session')
    account.value = answer.account
    demo.value = answer.demo
    isNew.value = answer.isNew
    asked = true
  }

  async function signIn(email: string, password: string): Promise<void> {
    account.value = await request<Account>('POST', '/api/session', { email, password })
  }

  /** Takes over an account that was signed in to by another way than the password. */
  function take(signedIn: Account): void {
    account.value = signedIn
    isNew.value = false
  }

  /** Whether somebody whose session ended is asked to sign in again. */
  const asksAgain = ref(false)
  let asking: Promise<boolean> | null = null
  let settle: (isSignedIn: boolean) => void = () => undefined

  /** Asks who was signed in to sign in again, once however many wait for it; whether they did. */
  function again(): Promise<boolean> {
    if (account.value === null) return Promise.resolve(false)
    asksAgain.value = true
    asking ??= new Promise((resolve) => (settle = resolve))
    return asking
  }

  function answerAgain(isSignedIn: boolean): void {
    asksAgain.value = false
    asking = null
    settle(isSignedIn)
  }

  async function signOut(): Promise<void> {
    await request('DELETE', '/api/session')
    account.value = null
  }

  return { account, maySetUp, demo, isNew, asksAgain, load, signIn, again, answerAgain, take, signOut }
})
