import { useNotices } from '../stores/notices'
import { RequestProblem } from './http'

/**
 * Does something the server may refuse; a refusal is told at the foot of the screen, and null is
 * the outcome.
 */
export async function attempt<T>(action: () => Promise<T>): Promise<T | null> {
  try {
    return await action()
  } catch (error) {
    if (!(error instanceof RequestProblem)) throw error
    useNotices().tell({ text: error.message })
    return null
  }
}

/** As `attempt`, where the outcome says nothing: whether it was done. */
export async function succeeded(action: () => Promise<unknown>): Promise<boolean> {
  return (await attempt(async () => (await action(), true))) === true
}
