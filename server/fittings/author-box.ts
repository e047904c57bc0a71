import type { AuthorBoxSettings } from '../../core/fittings/author-box'
import { authorAddress } from '../../core/pages/usual'
import { shownPicture } from '../../core/pictures/shown'
import type { FittingContents } from '../../site/view'
import { picturesById } from '../listings/card-entries'
import { keyCounts } from '../listings/key-counts'
import type { FittingAsked } from './index'

/** What a portrait has, in CSS pixels. */
const room = { width: 96, height: 96 }

/** Who wrote the entry that the page is about, or whose page it is. */
export async function authorBoxContent(
  { portrait, about, linked }: AuthorBoxSettings,
  asked: FittingAsked,
): Promise<FittingContents['author']> {
  const author = await authorOf(asked)
  if (author === undefined) return null
  const { db, known, now, subject } = asked
  const [pictures, counts] = await Promise.all([
    portrait && author.portrait_id !== null ? picturesById(db, [author.portrait_id]) : null,
    keyCounts(db, known.collections, [author.id], now),
  ])
  const hasPage = (counts.get(author.id) ?? 0) > 0 && subject?.kind !== 'author'
  return {
    name: author.name,
    about: about ? author.about : '',
    portrait: shownPicture(pictures?.get(author.portrait_id ?? 0) ?? null, room),
    address: linked && hasPage ? authorAddress(author.slug) : null,
  }
}

async function authorOf({ db, subject }: FittingAsked) {
  if (subject?.kind !== 'entry' && subject?.kind !== 'author') return undefined
  const authors = db
    .selectFrom('authors as a')
    .select(['a.id', 'a.slug', 'a.name', 'a.about', 'a.portrait_id'])
    .where('a.deleted_at', 'is', null)
  return subject.kind === 'author'
    ? authors.where('a.id', '=', subject.id).executeTakeFirst()
    : authors
        .innerJoin('entries as e', 'e.author_id', 'a.id')
        .where('e.id', '=', subject.id)
        .executeTakeFirst()
}
