/**
 * What stands for a picture that an entry has not: a drawn sprig, the first letter of its title, or
 * nothing at all.
 */
export const placeholders = ['sprig', 'letter', 'none'] as const
export type Placeholder = (typeof placeholders)[number]
