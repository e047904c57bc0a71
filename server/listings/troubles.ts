import { databaseFailure } from '../db/failures'

const heavy =
  'The database was at this listing too long and was stopped. Use fewer rules, or let its fields be filtered and sorted by where the collection is set up.'
const unforeseen =
  'This listing could not be answered, for a reason that nobody foresaw; the server’s messages say more. Undo the last change to it, or set it up anew.'

/**
 * Why a listing can't be answered, in words for the designer: it shows nothing then, and the page
 * around it stands. Throws on what concerns more than this listing, as a database that is away.
 */
export function listingTrouble(error: unknown): string {
  const failure = databaseFailure(error)
  if (failure !== null && failure !== 'heavy') throw error
  if (failure === null) console.error(error)
  return failure === 'heavy' ? heavy : unforeseen
}
