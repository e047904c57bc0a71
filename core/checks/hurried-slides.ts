import { wordsPerMinute } from '../formats/reading-time'
import { shapeOf } from '../shapes'
import type { Check } from './define'

/**
 * Slides that move on before they can be read. Every moving row has a way to stop it; not everybody
 * finds it in time.
 */
export const hurriedSlides: Check = {
  name: 'hurried-slides',
  title: 'Moves on too soon',
  find({ listing, cards }) {
    const seconds = shapeOf(listing.shape).movesEvery?.(listing.shape) ?? null
    const longest = cards.reduce<(typeof cards)[number] | null>(
      (most, card) => (most === null || card.words > most.words ? card : most),
      null,
    )
    if (seconds === null || longest === null) return []
    const needed = Math.ceil((longest.words / wordsPerMinute) * 60)
    if (needed <= seconds) return []
    return [
      {
        text: `“${longest.title}” takes about ${needed} seconds to read, and is moved on after ${seconds}.`,
        mends: [
          ...(needed <= 60
            ? [
                {
                  title: `Wait ${needed} seconds`,
                  edit: (before: typeof listing) =>
                    before.shape.name === 'slides'
                      ? { ...before, shape: { ...before.shape, autoplay: needed } }
                      : before,
                },
              ]
            : []),
          {
            title: 'Do not move by itself',
            edit: (before) =>
              before.shape.name === 'slides'
                ? { ...before, shape: { ...before.shape, autoplay: null } }
                : before,
          },
        ],
        show: { entry: longest.entry },
      },
    ]
  },
}
