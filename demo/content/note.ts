import type { MotifName } from '../pictures/motifs'
import type { PaletteName } from '../pictures/palettes'
import type { AuthorSlug, SeasonSlug, TopicSlug } from './names'

/** A field note of the demo site as it is written down. */
export interface Note {
  readonly title: string
  readonly topic: TopicSlug
  readonly season: SeasonSlug
  readonly author: AuthorSlug
  /** What its picture shows and on which papers; null for a note without a picture. */
  readonly picture: readonly [MotifName, PaletteName] | null
  readonly summary: string
  readonly body: string
}

/** States a note in the order in which it is read. */
export function note(
  title: string,
  [topic, season, author]: readonly [TopicSlug, SeasonSlug, AuthorSlug],
  picture: Note['picture'],
  summary: string,
  ...paragraphs: readonly string[]
): Note {
  return { title, topic, season, author, picture, summary, body: paragraphs.join('\n\n') }
}
