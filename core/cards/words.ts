/** Every fixed string that cards say. */
export const cardWords = {
  readingTime: (minutes: string) => `${minutes} read`,
  reads: (count: number, written: string) => `${written} ${count === 1 ? 'read' : 'reads'}`,
  comments: (count: number, written: string) => `${written} ${count === 1 ? 'comment' : 'comments'}`,
} as const
