/** PostgreSQL keeps no NUL in a text, and no half of a surrogate pair. */
const notStored = /\0|\p{Surrogate}/u

/** Whether a text can be kept: well-formed Unicode without NUL. */
export function isStorable(text: string): boolean {
  return !notStored.test(text)
}
