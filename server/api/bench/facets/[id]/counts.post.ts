import { readJson } from '../../../../http/body'
import { questionEndpoint } from '../../../../http/endpoint'
import { numberParameter } from '../../../../http/parameters'
import { askingAnew } from '../../../../listings/ask'
import { askedInput } from '../../../../listings/asked-input'
import { explainedInput } from '../../../../listings/explained-input'
import { termCounts } from '../../../../listings/term-counts'
import { liveAsker } from '../../../../live/feed'

/** How many of the entries that pass a listing, which may not be saved yet, have each term of the facet. */
export default questionEndpoint('writer', async ({ event, db }) => {
  const body = await readJson(event)
  const { listing, above } = explainedInput(body)
  const now = Date.now()
  const asked = askedInput(body, now)
  // Answers are kept for now, not for other days.
  return termCounts(
    db,
    asked.now === now ? liveAsker() : askingAnew(db),
    numberParameter(event, 'id', 'The facet'),
    listing,
    asked,
    above,
  )
})
