import { mixed, number, object } from 'yup'
import { parseWith } from '../../../../../core/parsing'
import { addTerm } from '../../../../content/terms'
import { benchEndpoint, readJson } from '../../../../http/endpoint'
import { numberParameter } from '../../../../http/parameters'
import { accepted } from '../../../../http/problem'

const schema = object({ parentId: number().integer().positive().nullable().defined(), term: mixed().required() }).noUnknown().required()

/** Adds a term to a facet. */
export default benchEndpoint('designer', async ({ event, db }) => {
  const { parentId, term } = accepted(parseWith(schema, await readJson(event)))
  return addTerm(db, numberParameter(event, 'id', 'The facet'), parentId, term)
})
