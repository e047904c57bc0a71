import { benchEndpoint, readJson } from '../../../../http/endpoint'
import { numberParameter } from '../../../../http/parameters'
import { draftInput } from '../../../../pages/draft-input'
import { pagePath, parseDraft } from '../../../../pages/pages'
import { previewOf } from '../../../../pages/preview'
import { loadSite } from '../../../../site/site'

/** What a draft that is not saved yet would show: the placements of the listings sent along, or all. */
export default benchEndpoint('writer', async ({ event, db }) => {
  const path = await pagePath(db, numberParameter(event, 'id', 'The page'))
  const input = draftInput(await readJson(event))
  const { page, listings } = parseDraft(input)
  const definitions = new Map(listings.map((one) => [one.id, one.definition]))
  const draft = { path, page, listings: definitions, whole: input.whole === true }
  return previewOf(db, await loadSite(db), draft, Date.now())
})
