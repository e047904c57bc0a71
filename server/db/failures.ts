/** What went wrong with the database, as far as anybody can do something about it. */
export type DatabaseFailure =
  /** It is not there, or went away. */
  | 'lost'
  /** The disk is full, or another limit of the machine is reached. */
  | 'full'
  /** It took longer than a question may, and was given up. */
  | 'heavy'
  /** It came across another writer, and may be tried again. */
  | 'crossed'

/** By SQLSTATE (PostgreSQL, appendix A) and by what Node says of sockets. */
const codes: Readonly<Record<string, DatabaseFailure>> = {
  '57014': 'heavy',
  '53400': 'heavy',
  '54001': 'heavy',
  '40P01': 'crossed',
  '40001': 'crossed',
  '55P03': 'crossed',
  '23503': 'crossed',
  '23505': 'crossed',
  '53100': 'full',
  '53200': 'full',
  ENOSPC: 'full',
  '57P01': 'lost',
  '57P02': 'lost',
  '57P03': 'lost',
  '53300': 'lost',
  '08000': 'lost',
  '08003': 'lost',
  '08006': 'lost',
  '25P03': 'lost',
  ECONNREFUSED: 'lost',
  ECONNRESET: 'lost',
  EPIPE: 'lost',
  ENOENT: 'lost',
  ETIMEDOUT: 'lost',
}

/** How an error tells of the database; null for anything else. */
export function databaseFailure(error: unknown): DatabaseFailure | null {
  if (!(error instanceof Error)) return null
  const code: unknown = Reflect.get(error, 'code')
  const known = typeof code === 'string' ? codes[code] : undefined
  if (known !== undefined) return known
  // The driver has words for these, and no code.
  return /^(?:Connection terminated|timeout exceeded when trying to connect|Client has encountered a connection error)/.test(
    error.message,
  )
    ? 'lost'
    : null
}
