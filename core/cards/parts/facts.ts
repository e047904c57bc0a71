import { array, mixed, string } from 'yup'
import { valueOf } from '../card-entry'
import type { CardContext, CardEntry } from '../card-entry'
import { formatValue } from '../../content/field'
import { author } from './author'
import { comments } from './comments'
import { date } from './date'
import { definePart, partSettings } from './define'
import type { PartBase } from './define'
import { likes } from './likes'
import { readingTime } from './reading-time'
import { topic } from './topic'
import { views } from './views'

export const factNames = ['date', 'author', 'topic', 'reading-time', 'views', 'comments', 'likes'] as const
/** A fact of the entry itself, or the id of a field. */
export type Fact = (typeof factNames)[number] | number

/** Several facts in a row. */
export interface FactsSetting extends PartBase {
  readonly part: 'facts'
  readonly facts: readonly Fact[]
  /** Stands between two facts; empty for nothing but space. */
  readonly separator: string
}

export interface FactsContent {
  readonly facts: readonly { readonly text: string; readonly instant: string | null }[]
  readonly separator: string
}

const factOf: Record<
  (typeof factNames)[number],
  (entry: CardEntry, context: CardContext) => FactsContent['facts'][number] | null
> = {
  date: (entry, context) => date.content(date.defaults, entry, context),
  author: (entry) => (entry.author === null ? null : { text: entry.author.name, instant: null }),
  topic: (entry, context) => plain(topic.content(topic.defaults, entry, context)?.terms[0]?.name),
  'reading-time': (entry, context) => plain(readingTime.content(readingTime.defaults, entry, context)?.text),
  views: (entry, context) => plain(views.content(views.defaults, entry, context)?.text),
  likes: (entry, context) => plain(likes.content(likes.defaults, entry, context)?.text),
  comments: (entry, context) => plain(comments.content(comments.defaults, entry, context)?.text),
}

const titles: Record<(typeof factNames)[number], string> = {
  date: date.title,
  author: author.title,
  topic: 'Term',
  'reading-time': readingTime.title,
  views: views.title,
  comments: comments.title,
  likes: likes.title,
}

/** What a fact is called in the bench; null for a field. */
export function factTitle(fact: Fact): string | null {
  return typeof fact === 'number' ? null : titles[fact]
}

export const facts = definePart<'facts', FactsSetting, FactsContent>({
  name: 'facts',
  title: 'Row of facts',
  styled: '.facts',
  schema: partSettings('facts', {
    facts: array(mixed().test('fact', 'This is no fact of an entry.', isFact).required())
      .max(8, 'A row has at most 8 facts.')
      .test('once', 'A fact stands in the row once.', (all) => new Set(all).size === (all ?? []).length)
      .required(),
    separator: string().defined().max(8, 'Keep the separator within 8 characters.'),
  }),
  defaults: { part: 'facts', on: true, facts: ['date', 'reading-time'], separator: '·' },
  several: true,
  showsReads: (setting) => setting.facts.includes('views'),
  phrase: (setting) => `row of ${setting.facts.length} facts`,
  content(setting, entry, context) {
    const shown = setting.facts.flatMap(
      (fact) =>
        (typeof fact === 'number' ? fieldFact(entry, fact, context) : factOf[fact](entry, context)) ?? [],
    )
    return shown.length === 0 ? null : { facts: shown, separator: setting.separator }
  },
})

function isFact(value: unknown): boolean {
  return (
    (typeof value === 'number' && Number.isInteger(value) && value > 0) ||
    factNames.some((name) => name === value)
  )
}

function fieldFact(entry: CardEntry, id: number, context: CardContext): FactsContent['facts'][number] | null {
  const found = valueOf(entry, id, context)
  return found === null ? null : plain(formatValue(found.field, found.value, context))
}

function plain(text: string | undefined): FactsContent['facts'][number] | null {
  return text === undefined || text === '' ? null : { text, instant: null }
}
