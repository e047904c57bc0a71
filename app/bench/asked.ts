import type { ListingRow } from '~~/core/pages/answers'
import { placementsOf, spotOf, spotsOf } from '~~/core/pages/standing'
import { attempt } from '../shared/attempt'
import { request } from '../shared/http'
import { useDraft } from '../stores/bench/draft'
import { useSelection } from '../stores/bench/selection'
import { useSession } from '../stores/session'
import { freeName } from './free-name'

/** Where the bench is opened, and what is to be done there at once. */
interface Asked {
  readonly path: string
  readonly query: Readonly<Record<string, unknown>>
}

/**
 * What the address of a page in the bench asks to be done: something there chosen, or copied, or a listing
 * of another page placed. Each is done once: a reload does not do it again.
 */
export function useAsked() {
  const draft = useDraft()
  const selection = useSelection()
  const session = useSession()

  async function answer({ path, query: { choose, copy, place } }: Asked): Promise<void> {
    if (typeof choose === 'string' && spotOf(draft.page, choose) !== null) selection.choose(choose)
    if (!session.maySetUp) return
    if (typeof copy === 'string' || typeof place === 'string') history.replaceState(history.state, '', path)
    if (typeof copy === 'string') duplicate(copy)
    if (typeof place === 'string') await placeListing(place)
  }

  function duplicate(id: string) {
    const found = placementsOf(draft.page).find((one) => one.id === id)
    if (found === undefined) return
    selection.choose(draft.duplicate(found, freeName(draft.nameOf(found), draft.document.listings)))
  }

  /** Places a listing that stands elsewhere at the end of the first area. */
  async function placeListing(id: string) {
    const listings = await attempt(() => request<readonly ListingRow[]>('GET', '/api/bench/listings'))
    const [spot] = spotsOf(draft.page)
    const found = listings?.find((one) => one.id === id)
    if (spot !== undefined && found !== undefined) selection.choose(draft.placeExisting(spot, found, null))
  }

  return { answer }
}
