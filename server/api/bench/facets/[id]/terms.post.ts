import { mixed, object } from 'yup'
import { idOrNoneSchema } from '../../../../../core/schemas'
import { parseWith } from '../../../../../core/parsing'
import { addTerm } from '../../../../content/terms'
import { readJson } from '../../../../http/body'
import { benchEndpoint } from '../../../../http/endpoint'
import { numberParameter } from '../../../../http/parameters'
import { accepted } from '../../../../http/problem'

const schema = object({ parentId: idOrNoneSchema(), term: mixed().required() }).noUnknown().required()

/** Adds a term to a facet. */
export default benchEndpoint('designer', async ({ event, db }) => {
  const { parentId, term } = accepted(parseWith(schema, await readJson(event)))
  return addTerm(db, numberParameter(event, 'id', 'The facet'), parentId, term)
})
