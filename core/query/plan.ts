import { fieldTypes } from '../content/fields'
import { takeOf } from '../listing/amount'
import type { Listing } from '../listing/definition'
import type { From } from '../listing/from'
import { orderKeyTrouble } from '../order/order'
import type { Direction, OrderKey } from '../order/order'
import { wantedWords } from '../text/search-words'
import { civilDayOf, monthInstants } from '../time/zones'
import { predicateOfRule, predicateOfRules, rulesAsking } from '../rules/asking'
import { orderParts } from '../content/field'
import { columnOf, keysOf } from '../rules/columns'
import type { KeyWeight, PageSubject, PlanContext, QuestionContext, VisitorAsk } from '../rules/context'
import { everything, nothing } from '../rules/predicate'
import type { FieldColumn, Predicate } from '../rules/predicate'
import { askedAlone } from './asked-alone'
import { asksWhen } from '../listing/asks-when'
import { shapeOf } from '../shapes'
import { stepsOf } from './steps'
import type { Step } from './steps'
import type { RowsOf } from './rows'

/** A value that entries are ordered by; whoever has none comes last. */
export type OrderValue =
  | { readonly by: 'publishedAt' | 'views' | 'comments' | 'rating' | 'pinned' }
  /** When the row’s occurrence begins. */
  | { readonly by: 'startsAt' }
  /** `shown`: the titles by which picked entries are shown here instead of their own, by id. */
  | { readonly by: 'title'; readonly shown?: Readonly<Record<string, string>> }
  | { readonly by: 'field'; readonly column: FieldColumn; readonly sort: 'number' | 'text' }
  /** Reads on this day (midnight UTC, epoch milliseconds) and after it, up to today. */
  | { readonly by: 'reads'; readonly since: number; readonly until: number }
  | { readonly by: 'shuffle'; readonly seed: string }
  /** The place in the list. */
  | { readonly by: 'list'; readonly ids: readonly number[] }
  /** The sum of the weights of the keys it has. */
  | { readonly by: 'weights'; readonly weights: readonly KeyWeight[] }
export type PlanKey = OrderValue & { readonly direction: Direction }

/** A plan is a listing's question in plain values, for any engine to run. */
export interface Plan {
  readonly collections: readonly number[]
  readonly rows: RowsOf
  /** In the order in which the tally shows them; a row must pass all. */
  readonly steps: readonly { readonly step: Step; readonly asks: Predicate }[]
  /**
   * At least one. What ties in all of them falls to the id and then the date, in the direction of the
   * last key, so that every order is total.
   */
  readonly order: readonly PlanKey[]
  readonly skip: number
  readonly take: number
}

/**
 * The plan of a listing. The first step leaves what a visitor may see; then one for each rule, and
 * what is left out.
 */
export function planOf(listing: Listing, question: QuestionContext): Plan {
  const { from, order, amount } = listing
  const context: PlanContext = { ...question, collections: from.collections }
  const keys = order.keys.flatMap((key) => planKeys(key, from, context))
  return {
    collections: from.collections,
    rows: rowsAsked(listing, context),
    steps: [...stepsOf(from), ...chosenStep(context)].map((step) => ({
      step,
      asks: stepPredicate(step, from, context),
    })),
    order: [
      ...(order.pinned === 'first' ? [{ by: 'pinned', direction: 'down' } as const] : []),
      ...(keys.length > 0 ? keys : [newest]),
    ],
    skip: amount.skip,
    take: Math.min(takeOf(amount), amount.perPage ?? Infinity),
  }
}

/** Entries, unless the listing, or a visitor, asks when they happen: then each at its next date, or all its dates. */
function rowsAsked(listing: Listing, { now, choices }: PlanContext): RowsOf {
  const isWhenChosen = choices.some((one) => 'rule' in one && one.rule === 'when')
  if (!asksWhen(listing) && !isWhenChosen) return { of: 'entries' }
  const isEvery = listing.from.dates === 'every' || shapeOf(listing.shape).isOfWhen === 'every date'
  return isEvery ? { of: 'dates' } : { of: 'next', now }
}

const newest: PlanKey = { by: 'publishedAt', direction: 'down' }

function stepPredicate(step: Step, from: From, context: PlanContext): Predicate {
  switch (step.kind) {
    case 'collections':
      return { test: 'visible', at: context.now }
    case 'picks':
      return { test: 'ids', ids: from.picks.map((pick) => pick.entry) }
    case 'page':
      return orAlways(subjectPredicate(context.page, context), from)
    case 'rules':
      return orAlways(predicateOfRules(from.join, from.rules, context), from)
    case 'rule': {
      const asked = rulesAsking(from.rules.slice(step.at, step.at + 1), context.words)[0]
      return asked === undefined ? everything : orAlways(predicateOfRule(asked, context), from)
    }
    case 'never':
      return without(from.never)
    case 'thisEntry':
      return context.page?.kind === 'entry' ? without([context.page.id]) : everything
    case 'shownAbove':
      return without(context.above)
    case 'visitor':
      return { test: 'all', of: context.choices.map((one) => chosenPredicate(one, context)) }
  }
}

/** What one choice asks of a row. */
export function chosenPredicate(choice: VisitorAsk, context: PlanContext): Predicate {
  return 'rule' in choice ? predicateOfRule(choice, context) : choice
}

/** What a visitor chose is one step, whatever it is. */
function chosenStep({ choices }: PlanContext): readonly Step[] {
  return choices.length === 0 ? [] : [{ kind: 'visitor' }]
}

function without(ids: readonly number[]): Predicate {
  return ids.length === 0 ? everything : { test: 'not', of: { test: 'ids', ids } }
}

function orAlways(asks: Predicate, from: From): Predicate {
  return from.always.length === 0 ? asks : { test: 'any', of: [{ test: 'ids', ids: from.always }, asks] }
}

/** Which entries belong to what a page is about; none where a page is about nothing. */
function subjectPredicate(page: PageSubject | null, context: PlanContext): Predicate {
  switch (page?.kind) {
    case undefined:
      return nothing
    case 'term':
    case 'author':
      return { test: 'anyKey', keys: [page.id] }
    case 'month':
      return {
        test: 'between',
        value: 'publishedAt',
        to: null,
        ...monthInstants(page.year, page.month, context.words.zone),
      }
    case 'search':
      return { test: 'words', words: wantedWords(page.words, context.words.locale) }
    case 'entry':
      return everything
  }
}

/** What a key orders by; nothing for one that can't order, and is left out. */
function planKeys(key: OrderKey, from: From, context: PlanContext): readonly PlanKey[] {
  if (key.by === 'field') return fieldKeys(key, context)
  const one = planKey(key, from, context)
  return one === null ? [] : [one]
}

/** A field's order. What can't be compared stands apart, whatever the direction: pounds after euros. */
function fieldKeys(key: OrderKey & { readonly by: 'field' }, context: PlanContext): readonly PlanKey[] {
  const field = context.words.field(key.field)
  const sort = field === undefined ? null : fieldTypes.get(field.type).sort
  if (field === undefined || sort === null || orderKeyTrouble(key, context.words) !== null) return []
  const parts = orderParts(field)
  const weights = parts.flatMap((part, at) =>
    keysOf(field, part, context).map((one) => ({ key: one, weight: parts.length - at })),
  )
  const within: readonly PlanKey[] = parts.length === 0 ? [] : [{ by: 'weights', weights, direction: 'down' }]
  return [...within, { by: 'field', column: columnOf(field, context), sort, direction: key.direction }]
}

/** Null for a key that can't order, and is left out. */
function planKey(
  key: Exclude<OrderKey, { readonly by: 'field' }>,
  from: From,
  context: PlanContext,
): PlanKey | null {
  switch (key.by) {
    case 'date':
      return { by: 'publishedAt', direction: key.direction }
    case 'title':
      return { by: 'title', ...titlesGiven(from), direction: key.direction }
    case 'comments':
    case 'rating':
      return { by: key.by, direction: key.direction }
    case 'when':
      return { by: 'startsAt', direction: key.direction }
    case 'views': {
      if (key.days === undefined) return { by: 'views', direction: key.direction }
      return { by: 'reads', ...readWindow(key.days, context), direction: 'down' }
    }
    case 'shuffle':
      return { by: 'shuffle', seed: seedFor(key, context), direction: 'up' }
    case 'hand':
      return { by: 'list', ids: from.picks.map((pick) => pick.entry), direction: 'up' }
    case 'related':
      return context.related.length === 0
        ? null
        : { by: 'weights', weights: context.related, direction: 'down' }
  }
}

function titlesGiven({ by, picks }: From): { readonly shown?: Readonly<Record<string, string>> } {
  const given =
    by === 'hand'
      ? picks.flatMap(({ entry, title }) =>
          title === undefined || title === '' ? [] : [[String(entry), title] as const],
        )
      : []
  return given.length === 0 ? {} : { shown: Object.fromEntries(given) }
}

/** The days whose reads count for “the last days”, today included: midnights UTC, epoch milliseconds. */
export function readWindow(
  days: number,
  { now, words }: Pick<QuestionContext, 'now' | 'words'>,
): { readonly since: number; readonly until: number } {
  const until = civilDayOf(now, words.zone)
  return { since: until - (days - 1) * 86_400_000, until }
}

function seedFor(
  { span, number }: Extract<OrderKey, { by: 'shuffle' }>,
  { now, words, visit }: PlanContext,
): string {
  if (span === 'fixed') return `fixed ${number}`
  return span === 'day' ? `${number} ${civilDayOf(now, words.zone)}` : `${number} ${visit}`
}

/** What an entry must pass. */
export function filterOf(plan: Plan): Predicate {
  return { test: 'all', of: plan.steps.map((one) => one.asks) }
}

/**
 * The values of fields whose numbers in the index must be known to plan a listing, and to count
 * each of its rules alone.
 */
export function valuesAsked(
  listing: Listing,
  question: QuestionContext,
): readonly { readonly field: number; readonly value: string }[] {
  const asked = new Map<string, { field: number; value: string }>()
  const keyOf = (field: number, value: string) => {
    asked.set(`${field} ${value}`, { field, value })
    return null
  }
  planOf(listing, { ...question, keyOf })
  askedAlone(listing.from, { ...question, keyOf })
  return [...asked.values()]
}
