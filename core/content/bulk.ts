import { array, mixed, object, string } from 'yup'
import { idSchema } from '../schemas'
import { faulty, parseWith } from '../parsing'
import type { Parsed } from '../parsing'

/** What can be done to many entries with one press. */
export const bulkActions = [
  'publish',
  'draft',
  'archive',
  'delete',
  'add-terms',
  'remove-terms',
  'author',
] as const
export type BulkActionName = (typeof bulkActions)[number]

export type BulkAction =
  | { readonly do: 'publish' | 'draft' | 'archive' | 'delete' }
  | { readonly do: 'add-terms' | 'remove-terms'; readonly termIds: readonly number[] }
  | { readonly do: 'author'; readonly authorId: number | null }

export const mostAtOnce = 10_000

const schema = object({
  ids: array(idSchema().required())
    .min(1, 'Choose at least one entry.')
    .max(mostAtOnce, 'Change at most 10,000 entries at once.')
    .required('Choose at least one entry.'),
  action: object({
    do: string<BulkActionName>()
      .oneOf([...bulkActions], 'Choose what to do.')
      .required('Choose what to do.'),
    termIds: array(idSchema().required()).max(100, 'Choose at most 100 terms.'),
    authorId: mixed<number>().nullable(),
  })
    .noUnknown()
    .required('Choose what to do.'),
})
  .noUnknown()
  .required()

/** Reads which entries are to be changed and how. */
export function parseBulkChange(
  input: unknown,
): Parsed<{ readonly ids: readonly number[]; readonly action: BulkAction }> {
  const parsed = parseWith<unknown>(schema, input)
  if (!parsed.ok) return parsed
  const { ids, action } = parsed.value as {
    ids: readonly number[]
    action: { do: BulkActionName; termIds?: readonly number[]; authorId?: unknown }
  }
  const distinct = [...new Set(ids)]
  switch (action.do) {
    case 'add-terms':
    case 'remove-terms':
      if (!action.termIds?.length) return faulty('action.termIds', 'Choose at least one term.')
      return {
        ok: true,
        value: { ids: distinct, action: { do: action.do, termIds: [...new Set(action.termIds)] } },
      }
    case 'author': {
      const { authorId = null } = action
      if (authorId !== null && !(Number.isInteger(authorId) && Number(authorId) > 0))
        return faulty('action.authorId', 'Choose an author, or none.')
      return {
        ok: true,
        value: { ids: distinct, action: { do: 'author', authorId: authorId as number | null } },
      }
    }
    default:
      return { ok: true, value: { ids: distinct, action: { do: action.do } } }
  }
}
