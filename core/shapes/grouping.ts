import { DateTime } from 'luxon'
import type { CardEntry } from '../cards/card-entry'
import type { FieldPlace } from '../content/fields/define'
import { dateFormat } from '../formats/formatters'

export const groupings = ['term', 'month', 'day', 'letter'] as const

/** By what entries are put together under a name. */
export type Grouping =
  | { readonly by: 'entry' | 'month' | 'day' | 'letter' }
  /** The entry's first term in the facet; null for its first term of any. */
  | { readonly by: 'term'; readonly facet: number | null }

/** Entries under one name, in the order of the listing. */
export interface Group<E> {
  /** Names the group among those of one listing. */
  readonly key: string
  /** Null for entries that have nothing to be grouped by. */
  readonly name: string | null
  readonly entries: readonly E[]
}

/**
 * Puts entries together; groups come in the order in which their first entry comes, those without
 * a name last. Months, days and letters are those of the site's language and time zone.
 */
export function groupsOf<E extends CardEntry>(
  grouping: Grouping,
  entries: readonly E[],
  place: FieldPlace,
): readonly Group<E>[] {
  const groups = new Map<string, { name: string | null; entries: E[] }>()
  for (const entry of entries) {
    const { key, name } = groupOf(grouping, entry, place)
    const group = groups.get(key)
    if (group === undefined) groups.set(key, { name, entries: [entry] })
    else group.entries.push(entry)
  }
  const all = [...groups].map(([key, group]) => ({ key, ...group }))
  return [...all.filter((group) => group.name !== null), ...all.filter((group) => group.name === null)]
}

function groupOf(
  grouping: Grouping,
  entry: CardEntry,
  place: FieldPlace,
): { readonly key: string; readonly name: string | null } {
  switch (grouping.by) {
    case 'entry':
      return { key: String(entry.id), name: entry.title }
    case 'term': {
      const term = entry.terms.find((one) => grouping.facet === null || one.facetId === grouping.facet)
      return term === undefined ? { key: '', name: null } : { key: term.name, name: term.name }
    }
    case 'letter':
      return letterOf(entry.title, place)
    case 'month':
    case 'day':
      return dateOf(grouping.by, entry.occurrence?.startsAt ?? entry.publishedAt, place)
  }
}

/**
 * The first letter, without what is put above or below it (Unicode Standard Annex #15, NFD): É
 * stands under E.
 */
function letterOf(
  title: string,
  { locale }: FieldPlace,
): { readonly key: string; readonly name: string | null } {
  const letter = /\p{L}/u.exec(title.normalize('NFD'))?.[0]?.toLocaleUpperCase(locale)
  return letter === undefined ? { key: '', name: null } : { key: letter, name: letter }
}

function dateOf(by: 'month' | 'day', instant: number, { locale, zone }: FieldPlace) {
  const options: Intl.DateTimeFormatOptions =
    by === 'month'
      ? { month: 'long', year: 'numeric' }
      : { weekday: 'long', day: 'numeric', month: 'long', year: 'numeric' }
  return {
    key: DateTime.fromMillis(instant, { zone }).toFormat(by === 'month' ? 'yyyy-MM' : 'yyyy-MM-dd'),
    name: dateFormat(locale, { ...options, timeZone: zone }).format(instant),
  }
}
