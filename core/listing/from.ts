import { array, object, string } from 'yup'
import { idSchema } from '../schemas'
import { readAddress } from '../content/fields/address'
import { deepestRules, measureOf, mostRules, rulesPhrase } from '../rules/asking'
import { ruleSchema } from '../rules'
import type { Rule } from '../rules'
import { joins } from '../rules/group'
import type { Join } from '../rules/group'
import { andList, counted } from '../words'
import type { Words } from '../words'

/** An entry picked by hand, and what is said of it here instead of its own. */
export interface Pick {
  readonly entry: number
  readonly title?: string
  readonly summary?: string
  /** A picture of the media. */
  readonly picture?: number
  /** Where its card leads. */
  readonly address?: string
}

export const froms = ['rule', 'hand', 'page'] as const
export type FromBy = (typeof froms)[number]
export type LeftOut = 'thisEntry' | 'shownAbove'

/** The From clause: of which collections, and which of their entries. */
export interface From {
  /** By rule; picked one by one; or what the page is about, with the rules on top. */
  readonly by: FromBy
  readonly collections: readonly number[]
  readonly join: Join
  readonly rules: readonly Rule[]
  /** Used when picked by hand; kept otherwise. */
  readonly picks: readonly Pick[]
  /** Entries that every rule lets through. */
  readonly always: readonly number[]
  readonly never: readonly number[]
  /** Where it is asked when entries happen: each once, at its next date, or on every date. */
  readonly dates: 'once' | 'every'
  /** The entry whose page this is; entries that listings above on the page show. */
  readonly leaveOut: readonly LeftOut[]
}

/** From everything in a collection. */
export function fromAll(collection: number): From {
  return {
    by: 'rule',
    collections: [collection],
    join: 'all',
    rules: [],
    picks: [],
    always: [],
    never: [],
    dates: 'once',
    leaveOut: [],
  }
}

export const mostPicks = 200
const ids = () => array(idSchema().required()).max(200, 'Use at most 200 entries.')

/** Checks an entry picked by hand. */
export const pickSchema = object({
  entry: idSchema().required(),
  title: string().trim().max(300, 'Keep the title within 300 characters.'),
  summary: string().max(2000, 'Keep the summary within 2,000 characters.'),
  picture: idSchema(),
  address: string().test(
    'address',
    'Link to http, https, mailto or tel, or to a path of this site.',
    (text) => text === undefined || readAddress(text).ok,
  ),
})
  .noUnknown()
  .required()

export const fromSchema = object({
  by: string<FromBy>().oneOf([...froms], 'Entries come by rule, by hand or from the page.'),
  collections: array(idSchema('Choose a collection.').required('Choose a collection.'))
    .min(1, 'Choose a collection.')
    .max(12, 'Choose at most 12 collections.')
    .required('Choose a collection.')
    .test('once', 'A collection is chosen twice.', (given) => new Set(given).size === given?.length),
  join: string<Join>().oneOf([...joins], 'Rules are joined by all, any or none.'),
  rules: array(ruleSchema)
    .max(40, 'Use at most 40 rules.')
    .test(
      'depth',
      `Groups nest at most ${deepestRules} deep.`,
      (given) => measureOf(given).depth <= deepestRules,
    )
    .test(
      'total',
      `A listing has at most ${mostRules} rules in all. Remove some.`,
      (given) => measureOf(given).count <= mostRules,
    ),
  picks: array(pickSchema)
    .max(mostPicks, `Pick at most ${mostPicks} entries.`)
    .test(
      'once',
      'An entry is picked twice. Remove one.',
      (picks: readonly (Partial<Pick> | null)[] | undefined) =>
        new Set(picks?.map((pick) => pick?.entry)).size === (picks?.length ?? 0),
    ),
  always: ids(),
  never: ids(),
  dates: string<From['dates']>().oneOf(
    ['once', 'every'],
    'Entries are shown once, at their next date, or on every date.',
  ),
  leaveOut: array(
    string<LeftOut>()
      .oneOf(
        ['thisEntry', 'shownAbove'],
        'What can be left out is this page’s entry, and what is shown above.',
      )
      .required(),
  ).max(2),
})
  .noUnknown()
  .required()

/**
 * The clause in words: “field notes in Soil or Seed, without what is shown above”. `hasDates` tells
 * whether it is asked when they happen.
 */
export function fromPhrase(from: From, words: Words, hasDates: boolean): string {
  const names = from.collections.map(
    (one) => words.collection(one)?.plural.toLowerCase() ?? 'a collection that is gone',
  )
  const several = andList(names, words.locale)
  if (from.by === 'hand') return `${counted(from.picks.length, 'entry', 'entries')} picked from ${several}`
  const rules = rulesPhrase(from.join, from.rules, words)
  const subject = from.by === 'page' ? `${several} of the page` : rules === null ? `all ${several}` : several
  const extras = [
    ...(from.always.length > 0 ? [`${from.always.length} always in`] : []),
    ...(from.never.length > 0 ? [`${from.never.length} always out`] : []),
    ...(hasDates && from.dates === 'every' ? ['on every date'] : []),
    ...(from.leaveOut.includes('thisEntry') ? ['without the page’s entry'] : []),
    ...(from.leaveOut.includes('shownAbove') ? ['without what is shown above'] : []),
  ]
  return [rules === null ? subject : `${subject} ${rules}`, ...extras].join(', ')
}
