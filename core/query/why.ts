import { entryMarks } from '../content/entry'
import type { IndexedEntry } from '../content/entry'
import { fieldTypes } from '../content/fields'
import type { FieldValues } from '../content/field'
import type { Listing } from '../listing/definition'
import { takeAt, takeOf } from '../listing/amount'
import { orderKeyPhrase } from '../order/order'
import { formatDate, formatOccurrence } from '../formats/dates'
import { andList } from '../words'
import type { Words } from '../words'
import { predicateOfRule, rulePhrase, troubleOf } from '../rules/asking'
import { planOf, readWindow } from './plan'
import type { PlanContext, QuestionContext } from '../rules/context'
import { readsIn } from './position'
import { passes } from '../rules/predicate'
import type { Rule } from '../rules'
import { fieldsAsked } from '../rules/field'
import { flagPhrase } from '../rules/flag'
import { stepPhrase } from './steps'
import type { Step } from './steps'
import type { Occurrence } from '../time/occurrences'
import type { Row } from '../content/row'
import { numberFormat } from '../formats/formatters'

/** What is known of an entry besides what the index holds. */
export interface ExplainedEntry {
  readonly indexed: IndexedEntry
  /** Which of its occurrences is meant; null for none, and where the listing does not ask when. */
  readonly occurrence: Occurrence | null
  readonly termIds: readonly number[]
  readonly authorId: number | null
  readonly values: FieldValues
}

/** One step or rule against an entry. */
export interface Reason {
  /** What is asked, in words. */
  readonly asks: string
  /** What the entry has, in words; empty where that is clear. */
  readonly has: string
  /** Why the rule asks nothing, where it does. */
  readonly trouble: string | null
  readonly passes: boolean
  /** Groups: the rules in them. */
  readonly within: readonly Reason[]
}

/** Why a listing shows an entry, or does not. */
export interface Why {
  readonly reasons: readonly Reason[]
  /** Which of the reasons is the first that fails; null when all pass. */
  readonly firstFailing: number | null
  /** What it is ordered by, with what the entry has. */
  readonly order: readonly { readonly by: string; readonly has: string }[]
}

/** Why a listing shows an entry or does not, and where in its order it stands. */
export interface WhyAnswer extends Why {
  readonly title: string
  /** “draft”, “archived”: the entry is not on the site at all. Null when it is, or will be. */
  readonly kept: string | null
  /** From 1; null where it does not pass. */
  readonly place: number | null
  /** From 1; null where the listing ends before it. */
  readonly page: number | null
  /** How many other entries tie with it in everything it is ordered by. */
  readonly ties: number
}

/** Explains a listing's answer for one entry, step by step. Entries that are always in pass every rule. */
export function whyOf(listing: Listing, question: QuestionContext, entry: ExplainedEntry): Why {
  const plan = planOf(listing, question)
  const context: PlanContext = { ...question, collections: listing.from.collections }
  const reasons = plan.steps.map(({ step, asks }): Reason => {
    const passed = passes(asks, rowIn(entry)) && (step.kind !== 'collections' || inCollection(entry, context))
    const rule = step.kind === 'rule' ? listing.from.rules[step.at] : undefined
    const within =
      step.kind === 'rules'
        ? listing.from.rules.filter((one) => one.off !== true).map((one) => ruleReason(one, context, entry))
        : rule?.rule === 'group'
          ? ruleReason(rule, context, entry).within
          : []
    const always =
      listing.from.always.includes(entry.indexed.id) &&
      (step.kind === 'rule' || step.kind === 'rules' || step.kind === 'page')
    const trouble = rule === undefined ? null : (troubleOf(rule, question.words)?.message ?? null)
    const has = always ? 'always in' : trouble === null ? stepHas(step, rule, context, entry) : ''
    return { asks: stepPhrase(step, listing.from, question.words), has, trouble, passes: passed, within }
  })
  const failing = reasons.findIndex((reason) => !reason.passes)
  return {
    reasons,
    firstFailing: failing === -1 ? null : failing,
    order: listing.order.keys.map((key) => ({
      by: orderKeyPhrase(key, question.words),
      has: key.by === 'title' ? shownTitle(listing, entry) : orderHas(key, context, entry),
    })),
  }
}

function ruleReason(rule: Rule, context: PlanContext, entry: ExplainedEntry): Reason {
  const asks = rulePhrase(rule, context.words)
  const trouble = troubleOf(rule, context.words)
  if (trouble !== null)
    return {
      asks,
      has: '',
      trouble: trouble.message,
      passes: trouble.kind === 'unfinished' || context.broken === 'without',
      within: [],
    }
  const within =
    rule.rule === 'group'
      ? rule.rules.filter((one) => one.off !== true).map((one) => ruleReason(one, context, entry))
      : []
  return {
    asks,
    has: ruleHas(rule, context, entry),
    trouble: null,
    passes: passes(predicateOfRule(rule, context), rowIn(entry)),
    within,
  }
}

function rowIn({ indexed, occurrence }: ExplainedEntry): Row {
  return { entry: indexed, occurrence }
}

function stepHas(step: Step, rule: Rule | undefined, context: PlanContext, entry: ExplainedEntry): string {
  const { words } = context
  switch (step.kind) {
    case 'collections':
      return inCollection(entry, context)
        ? showing(entry.indexed, context)
        : `one of ${words.collection(entry.indexed.collectionId)?.plural.toLowerCase() ?? 'another collection'}`
    case 'rule':
      return rule === undefined ? '' : ruleHas(rule, context, entry)
    case 'page':
      return context.page === null
        ? 'the page is about nothing here'
        : [termNames(entry, words), authorName(entry, words)].join('; ')
    case 'visitor':
      return termNames(entry, words)
    case 'picks':
    case 'rules':
      return ''
    case 'never':
    case 'thisEntry':
    case 'shownAbove':
      return 'this entry'
  }
}

function inCollection({ indexed }: ExplainedEntry, { collections }: PlanContext): boolean {
  return collections.includes(indexed.collectionId)
}

function showing({ publishedAt, expiresAt }: IndexedEntry, { now, words }: PlanContext): string {
  if (publishedAt > now) return `scheduled for ${formatDate(publishedAt, words, 'time')}`
  if (expiresAt !== null && expiresAt <= now) return `expired on ${formatDate(expiresAt, words, 'time')}`
  return `published on ${formatDate(publishedAt, words)}`
}

/** What an entry has against a rule, in words. */
function ruleHas(rule: Rule, { words }: PlanContext, entry: ExplainedEntry): string {
  switch (rule.rule) {
    case 'terms':
    case 'related':
      return termNames(entry, words)
    case 'author':
      return authorName(entry, words)
    case 'date':
      return `published on ${formatDate(entry.indexed.publishedAt, words)}`
    case 'when':
      return occurrenceHas(entry, words)
    case 'flag':
      return flagPhrase({ flag: rule.flag, is: entry.indexed.keys.includes(entryMarks[rule.flag]) })
    case 'words':
      return entry.indexed.title
    case 'field':
      return fieldsAsked(rule)
        .map((id) => valueHeld(id, words, entry))
        .join(', until ')
    case 'group':
      return ''
  }
}

/** When the occurrence that is meant is. */
function occurrenceHas({ occurrence }: ExplainedEntry, words: Words): string {
  if (occurrence === null) return 'does not say when it happens'
  return formatOccurrence(occurrence, words)
}

/** What an entry has in a field, or in that of its own collection with the same key and type. */
function valueHeld(id: number, words: Words, entry: ExplainedEntry): string {
  const field = words.field(id)
  if (field === undefined) return ''
  const own =
    field.collectionId === entry.indexed.collectionId
      ? field
      : words.sameField(field, entry.indexed.collectionId)
  const value = own === undefined ? undefined : entry.values[own.id]
  return value === undefined ? 'nothing' : fieldTypes.get(field.type).format(value, field.settings, words)
}

function termNames({ termIds }: ExplainedEntry, words: Words): string {
  const names = termIds.flatMap((id) => words.term(id) ?? [])
  return names.length === 0 ? 'no terms' : andList(names, words.locale)
}

function authorName({ authorId }: ExplainedEntry, words: Words): string {
  return authorId === null ? 'no author' : (words.author(authorId) ?? 'an author who is gone')
}

/** The title by which an entry is shown here. */
function shownTitle({ from }: Listing, { indexed }: ExplainedEntry): string {
  const pick = from.by === 'hand' ? from.picks.find((one) => one.entry === indexed.id) : undefined
  return pick?.title || indexed.title
}

function orderHas(
  key: Listing['order']['keys'][number],
  context: PlanContext,
  entry: ExplainedEntry,
): string {
  const { indexed } = entry
  const number = numberFormat(context.words.locale)
  switch (key.by) {
    case 'date':
      return formatDate(indexed.publishedAt, context.words)
    case 'when':
      return occurrenceHas(entry, context.words)
    case 'title':
      return indexed.title
    case 'views':
      return key.days === undefined
        ? `${number.format(indexed.views)} reads`
        : `${number.format(readsIn(indexed, readWindow(key.days, context)))} reads`
    case 'comments':
      return `${number.format(indexed.comments)} comments`
    case 'rating':
      return indexed.rating === null
        ? 'no votes'
        : `${Math.round(indexed.rating * 100)} % are sure to like it`
    case 'field':
      return ruleHas({ rule: 'field', field: key.field, asked: { is: 'present' } }, context, entry)
    default:
      return ''
  }
}

/** On which page of a listing a place in its order falls, both from 1; null behind its end. */
export function pageOfPlace(place: number, { amount }: Pick<Listing, 'amount'>): number | null {
  const within = place - amount.skip
  if (within < 1 || within > takeOf(amount)) return null
  return Math.ceil(within / Math.max(1, amount.perPage ?? takeAt(amount, Infinity)))
}
