import { readJson } from '../../../../http/body'
import { benchEndpoint } from '../../../../http/endpoint'
import { numberParameter } from '../../../../http/parameters'
import { draftInput } from '../../../../pages/draft-input'
import { saveDraft } from '../../../../pages/pages'

/** Saves a page's draft with the listings that changed. */
export default benchEndpoint('designer', async ({ event, db, account }) =>
  saveDraft(db, numberParameter(event, 'id', 'The page'), draftInput(await readJson(event)), account),
)
