import { Kysely, PostgresDialect } from 'kysely'
import type pg from 'pg'
import type { Db } from '../../../server/db/client'
import type { Database } from '../../../server/db/schema'

/** A statement as it was sent. */
interface Statement {
  readonly sql: string
  readonly parameters: readonly unknown[]
}

type Row = Readonly<Record<string, unknown>>

/** The statements that some work sends, those together that were under way at once. */
export async function statementsOf(
  pool: pg.Pool,
  work: (db: Db) => Promise<unknown>,
): Promise<readonly (readonly Statement[])[]> {
  const sent: (Statement & { readonly begun: number; readonly ended: number })[] = []
  const db = new Kysely<Database>({
    dialect: new PostgresDialect({ pool }),
    log: ({ query, queryDurationMillis }) => {
      const ended = performance.now()
      sent.push({ sql: query.sql, parameters: query.parameters, begun: ended - queryDurationMillis, ended })
    },
  })
  await work(db)
  const waves: Statement[][] = []
  let firstEnd = -Infinity
  for (const { begun, ended, ...statement } of sent.toSorted((a, b) => a.begun - b.begun)) {
    if (begun >= firstEnd) {
      waves.push([statement])
      firstEnd = ended
    } else {
      waves.at(-1)?.push(statement)
      firstEnd = Math.min(firstEnd, ended)
    }
  }
  return waves
}

/** Sends statements as they were sent; gives their rows, in that order. */
export async function answered(
  pool: pg.Pool,
  waves: readonly (readonly Statement[])[],
): Promise<readonly (readonly Row[])[]> {
  const answers: (readonly Row[])[] = []
  for (const wave of waves) {
    const rows = await Promise.all(
      wave.map(async ({ sql, parameters }) => (await pool.query<Row>(sql, [...parameters])).rows),
    )
    answers.push(...rows)
  }
  return answers
}

interface Slot {
  readonly answer: number
  readonly row: number
  readonly column: string
}

/** Words shorter than this may stand in the markup by themselves. */
const shortest = 4

/**
 * Writes a page the way a string template would: what stands in it out of the columns of the rows is
 * put there each time, escaped; all other markup is written down. It has less to do than one that
 * was written by hand, which would write dates and sizes of pictures, too.
 */
export function templateOf(
  html: string,
  answers: readonly (readonly Row[])[],
): (answers: readonly (readonly Row[])[]) => string {
  const slots = new Map<string, Slot>()
  for (const [answer, rows] of answers.entries())
    for (const [row, values] of rows.entries())
      for (const [column, value] of Object.entries(values))
        if (typeof value === 'string' && value.length >= shortest)
          slots.set(escaped(value), { answer, row, column })
  const found = [...slots.keys()].toSorted((a, b) => b.length - a.length)
  const cut = found.length === 0 ? [html] : html.split(new RegExp(`(${found.map(inPattern).join('|')})`))
  const parts = cut.map((text) => slots.get(text) ?? text)
  return (given) =>
    parts
      .map((part) =>
        typeof part === 'string'
          ? part
          : escaped(String(given[part.answer]?.[part.row]?.[part.column] ?? '')),
      )
      .join('')
}

const inPattern = (text: string) => text.replace(/[\\^$.*+?()[\]{}|/-]/g, '\\$&')

const entities: Readonly<Record<string, string>> = {
  '&': '&amp;',
  '<': '&lt;',
  '>': '&gt;',
  '"': '&quot;',
  "'": '&#39;',
}
const escaped = (text: string) => text.replace(/[&<>"']/g, (sign) => entities[sign] ?? sign)
