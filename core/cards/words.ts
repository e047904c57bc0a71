/** Every fixed string that cards say. */
export const cardWords = {
  readingTime: (minutes: string) => `${minutes} read`,
  reads: (count: number, written: string) => `${written} ${count === 1 ? 'read' : 'reads'}`,
  likes: (count: number, written: string) => `${written} ${count === 1 ? 'like' : 'likes'}`,
  comments: (count: number, written: string) => `${written} ${count === 1 ? 'comment' : 'comments'}`,
} as const
