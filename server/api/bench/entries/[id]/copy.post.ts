import { mixed, object } from 'yup'
import { parseWith } from '../../../../../core/parsing'
import { duplicateEntry } from '../../../../content/entries'
import { readJson } from '../../../../http/body'
import { benchEndpoint } from '../../../../http/endpoint'
import { numberParameter } from '../../../../http/parameters'
import { accepted } from '../../../../http/problem'

/** What was typed into the entry and not saved; null where it is to be copied as it stands. */
const schema = object({ entry: mixed().nullable().defined() }).required()

/** Adds a draft like this entry. */
export default benchEndpoint('writer', async ({ event, db, account }) => {
  const id = numberParameter(event, 'id', 'The entry')
  const { entry } = accepted(parseWith(schema, await readJson(event)))
  return duplicateEntry(db, id, entry, account)
})
