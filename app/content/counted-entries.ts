/** So many, as it was written for the site's language. */
export const entries = (count: string) => (count === '1' ? '1 entry' : `${count} entries`)
