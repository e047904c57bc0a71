import type { PagingKind } from '~~/core/listing/paging'

/** What the settings of a longer listing's pages say. */
export const words = {
  paging: 'Those that follow',
  none: 'Left out',
  kinds: {
    turn: 'Pages to turn',
    numbers: 'Numbered pages',
    more: 'Added by a press',
    endless: 'By themselves, as the end is reached',
  } satisfies Record<PagingKind, string>,
  all: 'All of them, however many',
  perPage: 'On each page',
  added: 'Added at a time',
  entries: 'entries',
  previous: 'On what leads back',
  next: 'On what leads on',
  more: 'On what adds more',
  usual: (words: string) => `Empty for “${words}”`,
  pages: 'Pages before a press is needed',
} as const
