import type { PictureContent } from '../../core/cards/parts/picture'
import type { TitleContent } from '../../core/cards/parts/title'
import type { ShownCard, ShownDate } from '../../core/checks/define'
import { wordCount } from '../../core/formats/reading-time'
import type { CardView } from '../../site/view'

/** What the cards of a placement show, for checks. */
export function shownCards(
  cards: readonly CardView[],
  dates: ReadonlyMap<string, ShownDate>,
  locale: string,
): readonly ShownCard[] {
  return cards.map((card) => {
    const contentOf = (part: string) => card.parts.find((one) => one.part === part)?.content
    const title = contentOf('title') as TitleContent | undefined
    const image = (contentOf('picture') as PictureContent | undefined)?.image ?? null
    const texts = ['title', 'summary', 'text'].flatMap(
      (part) => (contentOf(part) as { readonly text: string } | undefined)?.text ?? [],
    )
    return {
      entry: card.entryId,
      title: card.title,
      isCut: title !== undefined && title.text !== card.title && title.text.endsWith('…'),
      picture: image === null ? null : { width: image.width, height: image.height },
      words: texts.reduce((sum, text) => sum + wordCount(text, locale), 0),
      date: dates.get(card.row) ?? null,
    }
  })
}
