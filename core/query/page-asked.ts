/** Which part of a longer listing is asked for. */
export interface PageAsked {
  /** The row that it follows, as a cursor; null for none. */
  readonly after: string | null
  /** The row before which it ends, as a cursor, which counts first; null for none. */
  readonly until: string | null
  /** Its number from 1, where no row says where it is; null for the first. */
  readonly number: number | null
  /** How many pages stand together, 1 at least. */
  readonly together: number
  /** What a shape that is turned like a sheet is turned to; null for the present. */
  readonly turn: string | null
}

export const firstPage: PageAsked = { after: null, until: null, number: null, together: 1, turn: null }
