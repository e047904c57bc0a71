import { array, boolean, object, number, string } from 'yup'
import { inTreeOrder, withAncestors } from '../content/terms'
import type { Term } from '../content/terms'
import { idOrLaterSchema, idSchema, textSchema } from '../schemas'
import type { Words } from '../words'
import { defineControl, freeParameter } from './define'
import { labelledSchema, usualLabel } from './labelled'
import type { Labelled } from './labelled'
import { menuTarget, waysTarget } from './ways'

export const termLayouts = ['bar', 'tabs', 'list', 'ticks', 'menu'] as const
export const termChoosings = ['one', 'any', 'all'] as const
export const iconPlaces = ['before', 'above'] as const
export const termsOffered = ['all', 'chosen', 'most-used'] as const

/** Narrowing by the terms of a facet. */
export interface TermsControl extends Labelled {
  readonly control: 'terms'
  readonly facet: number
  readonly layout: (typeof termLayouts)[number]
  /** One term at a time, or several of which entries have any, or all. */
  readonly choose: (typeof termChoosings)[number]
  readonly offer: (typeof termsOffered)[number]
  /** Those that are offered, in this order, where they are chosen. */
  readonly terms: readonly number[]
  /** So many are in sight, 1 to 60, where the most used are; the rest folds out. */
  readonly most: number
  readonly counts: boolean
  /** Whether terms by which nothing would be found now stay, and say so. */
  readonly empty: boolean
  /** What chooses none of them; empty where nothing does. */
  readonly all: string
  /** Where the icons of terms stand, or their pictures; nothing where they don't. */
  readonly icons?: (typeof iconPlaces)[number]
  /** Terms that are called otherwise here. */
  readonly named?: readonly NamedTerm[]
}

/** A term by another name. */
export interface NamedTerm {
  readonly term: number
  readonly name: string
}

/** A control of a facet as it is added. */
export function newTermsControl(facet: number): TermsControl {
  return {
    control: 'terms',
    facet,
    ...usualLabel,
    layout: 'bar',
    choose: 'one',
    offer: 'all',
    terms: [],
    most: 8,
    counts: true,
    empty: false,
    all: 'All',
  }
}

const mostRange = 'Keep 1 to 60 terms in sight.'

export const termsControl = defineControl<'terms', TermsControl, readonly number[]>({
  name: 'terms',
  title: 'Terms',
  schema: object({
    control: string<'terms'>().oneOf(['terms']).required(),
    facet: idOrLaterSchema().required(),
    ...labelledSchema,
    layout: string()
      .oneOf(termLayouts, 'Terms stand in a bar, as tabs, in a list, as boxes to tick, or in a menu.')
      .required(),
    choose: string()
      .oneOf(termChoosings, 'Visitors choose one, any of several, or all of several.')
      .required(),
    offer: string().oneOf(termsOffered, 'Offer all terms, chosen ones, or the most used.').required(),
    terms: array(idSchema().required()).max(200, 'Choose at most 200 terms.').required(),
    most: number().integer(mostRange).min(1, mostRange).max(60, mostRange).required(),
    counts: boolean().required(),
    empty: boolean().required(),
    all: textSchema().defined().max(40, 'Keep these words within 40 characters.'),
    icons: string().oneOf(iconPlaces, 'Icons stand before or above the words.'),
    named: array(
      object({
        term: idSchema().required(),
        name: textSchema().required('Give the term a name.').max(60, 'Keep it within 60 characters.'),
      })
        .noUnknown()
        .required(),
    )
      .max(60, 'Name at most 60 terms otherwise.')
      .test(
        'once',
        'A term has one other name. Remove the second.',
        (all) => new Set(all?.map(({ term }) => term)).size === (all ?? []).length,
      ),
  })
    .noUnknown()
    .required(),
  styled: [
    waysTarget,
    menuTarget,
    { name: 'narrow-icon', title: 'Icon of a choice' },
    { name: 'narrow-count', title: 'What a choice would find' },
  ],
  label: ({ label, facet }, words) => label || (words.facet(facet) ?? 'A facet that is gone'),
  of: ({ facet }) => String(facet),
  parameter: ({ facet }, { facets }) => {
    const found = facets.find(({ id }) => id === facet)
    return found === undefined ? null : freeParameter(found.slug)
  },
  read(control, text, { terms }) {
    const asked = [...new Set(text.split(',').filter((one) => one !== ''))]
    const own = terms.filter((one) => one.facetId === control.facet)
    const known = asked.filter((slug) => own.some((one) => one.slug === slug))
    const chosen = inOrder(own).flatMap(({ id, slug }) => (known.includes(slug) ? [id] : []))
    const some = control.choose === 'one' ? chosen.slice(0, 1) : chosen
    return {
      choice: some.length === 0 ? null : some,
      unknown: asked.filter((slug) => !known.includes(slug)),
    }
  },
  write: ({ facet }, choice, { terms }) =>
    inOrder(terms.filter((one) => one.facetId === facet))
      .flatMap(({ id, slug }) => (choice.includes(id) ? [slug] : []))
      .join(','),
  asks: ({ choose }, keys) => ({ test: choose === 'all' ? 'allKeys' : 'anyKey', keys }),
  told: (control, choice, words) =>
    choice.map((id) => {
      const others = choice.filter((one) => one !== id)
      return { title: termName(control, id, words), without: others.length === 0 ? null : others }
    }),
})

function inOrder(terms: readonly Term[]): readonly Term[] {
  return inTreeOrder(terms).map(({ term }) => term)
}

/** What a term is called among those of a control. */
export function termName({ named = [] }: Pick<TermsControl, 'named'>, id: number, words: Words): string {
  return named.find(({ term }) => words.termNow(term) === id)?.name ?? words.term(id) ?? ''
}

/** What is chosen after a press on a term: it alone, or it with the others; nothing of it where it was chosen. */
export function pressedTerm(
  { choose }: Pick<TermsControl, 'choose'>,
  choice: readonly number[],
  term: number,
): readonly number[] {
  if (choice.includes(term)) return choice.filter((one) => one !== term)
  return choose === 'one' ? [term] : [...choice, term]
}

/** A term as visitors are offered it. */
export interface OfferedTerm {
  readonly term: Term
  /** How deep it is nested among those that are offered. */
  readonly depth: number
  /** What a press on it would find; what it finds where it is chosen. */
  readonly count: number
  readonly isChosen: boolean
}

/** What is found by the terms of a control: of all that the listing has, and under all that is chosen. */
export interface TermCounts {
  readonly ever: ReadonlyMap<number, number>
  readonly now: ReadonlyMap<number, number>
}

/**
 * The terms that a control offers, those in sight and those that fold out. Terms that nothing of the listing
 * has are not offered; one that is chosen always is, so that it can be taken back.
 */
export function offeredTerms(
  control: TermsControl,
  terms: readonly Term[],
  choice: readonly number[],
  { ever, now }: TermCounts,
): { readonly first: readonly OfferedTerm[]; readonly others: readonly OfferedTerm[] } {
  const own = terms.filter((one) => one.facetId === control.facet)
  const byId = new Map(own.map((one) => [one.id, one]))
  const isOffered = ({ id }: Term) =>
    choice.includes(id) || ((ever.get(id) ?? 0) > 0 && (control.empty || (now.get(id) ?? 0) > 0))
  const ordered = (
    control.offer === 'chosen' ? control.terms.flatMap((id) => byId.get(id) ?? []) : inOrder(own)
  ).filter(isOffered)
  const shown = new Set(ordered.map(({ id }) => id))
  const all = ordered.map((term) => ({
    term,
    depth:
      control.offer === 'chosen' ? 0 : withAncestors(term.id, byId).filter((id) => shown.has(id)).length - 1,
    count: now.get(term.id) ?? 0,
    isChosen: choice.includes(term.id),
  }))
  if (control.offer !== 'most-used') return { first: all, others: [] }
  const used = all.toSorted((one, other) => (ever.get(other.term.id) ?? 0) - (ever.get(one.term.id) ?? 0))
  const inSight = new Set(used.slice(0, control.most))
  const flat = (some: readonly OfferedTerm[]) => some.map((one) => ({ ...one, depth: 0 }))
  return {
    first: flat(used.filter((one) => inSight.has(one) || one.isChosen)),
    others: flat(used.filter((one) => !inSight.has(one) && !one.isChosen)),
  }
}
