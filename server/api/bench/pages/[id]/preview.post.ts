import { readJson } from '../../../../http/body'
import { questionEndpoint } from '../../../../http/endpoint'
import { numberParameter } from '../../../../http/parameters'
import { askedInput } from '../../../../listings/asked-input'
import { draftInput } from '../../../../pages/draft-input'
import { askedForPage } from '../../../../pages/asked-draft'
import { subjectOfPage } from '../../../../pages/subjects'
import { pagePath, parseDraft } from '../../../../pages/pages'
import { previewOf } from '../../../../pages/preview'

/** What a draft that is not saved yet would show: the placements of the listings sent along, or all. */
export default questionEndpoint('writer', async ({ event, db }) => {
  const path = await pagePath(db, numberParameter(event, 'id', 'The page'))
  const body = await readJson(event)
  const input = draftInput(body)
  const { page, listings } = parseDraft(input)
  const definitions = new Map(listings.map((one) => [one.id, one.definition]))
  const asked = askedInput(body, Date.now())
  const subject = await subjectOfPage(db, path, asked.now)
  return previewOf(
    db,
    {
      path,
      page,
      listings: definitions,
      whole: input.whole === true,
      visitor: input.visitor ?? '',
    },
    askedForPage(asked, subject),
  )
})
