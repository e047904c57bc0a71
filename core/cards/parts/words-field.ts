import { number } from 'yup'

/** Checks how many words are shown at most. */
export const wordsField = number()
  .typeError('Say how many words.')
  .integer('Words are whole numbers.')
  .min(1, 'Show at least 1 word.')
  .max(200, 'Show at most 200 words.')
