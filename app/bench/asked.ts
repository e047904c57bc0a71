import type { ListingRow } from '~~/core/pages/answers'
import { placementsOf, spotOf, spotsOf } from '~~/core/pages/standing'
import { attempt } from '../shared/attempt'
import { request } from '../shared/http'
import { useDraft } from '../stores/bench/draft'
import { usePlacing } from '../stores/bench/placing'
import { useSelection } from '../stores/bench/selection'
import { useSession } from '../stores/session'
import { freeName } from './free-name'

/** Where the bench is opened, and what is to be done there at once. */
interface Asked {
  readonly path: string
  readonly query: Readonly<Record<string, unknown>>
}

/**
 * Does what the address of a page in the bench asks for: something there is chosen, or copied, or a listing of
 * another page placed. Each is done once: a reload does not do it again.
 */
export async function answerAsked({ path, query: { choose, copy, place } }: Asked): Promise<void> {
  const draft = useDraft()
  if (typeof choose === 'string' && spotOf(draft.page, choose) !== null) useSelection().choose(choose)
  if (!useSession().maySetUp) return
  if (typeof copy === 'string' || typeof place === 'string') history.replaceState(history.state, '', path)
  if (typeof copy === 'string') duplicate(copy)
  if (typeof place === 'string') await placeListing(place)
}

function duplicate(id: string): void {
  const draft = useDraft()
  const found = placementsOf(draft.page).find((one) => one.id === id)
  if (found === undefined) return
  const placing = usePlacing()
  useSelection().choose(placing.duplicate(found, freeName(placing.nameOf(found), draft.document.listings)))
}

/** Places a listing that stands elsewhere at the end of the first area. */
async function placeListing(id: string): Promise<void> {
  const draft = useDraft()
  const listings = await attempt(() => request<readonly ListingRow[]>('GET', '/api/bench/listings'))
  const [spot] = spotsOf(draft.page)
  const found = listings?.find((one) => one.id === id)
  if (spot !== undefined && found !== undefined)
    useSelection().choose(usePlacing().placeExisting(spot, found, null))
}
