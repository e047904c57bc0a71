import type { PagingKind } from '~~/core/listing/paging'

/** What the settings of a longer listing's pages say. */
export const words = {
  paging: 'Those that follow',
  none: 'Are not shown',
  kinds: {
    turn: 'Stand on pages to turn',
    numbers: 'Stand on numbered pages',
    more: 'Are added by a press',
    endless: 'Are added as the end is reached',
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
