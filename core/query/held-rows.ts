import { fieldIn } from '../rules/predicate'
import type { Predicate, RangeValue } from '../rules/predicate'

/** What is held of an entry of a collection; times are epoch milliseconds. */
export interface HeldEntry {
  readonly id: number
  readonly publishedAt: number
  readonly expiresAt: number | null
  readonly keys: readonly number[]
  /** Its number in each field that is held, in their order. */
  readonly numbers: readonly (number | null)[]
}

/** Whether a row passes. */
type Test = (row: number) => boolean

/** Rows that rise, in an array with room for more. */
interface RowList {
  rows: Int32Array
  length: number
}

/** Rows are named by a condition, instead of all gone through, where they are this part of all at most. */
const smallPart = 1 / 8

/**
 * Entries of one collection in flat arrays, so that all of a million can be gone through in some
 * milliseconds: what passes is counted there, exactly as `passes` tells it. An entry that changes gets a
 * new row, and the one that it had is gone: after many changes rows are better filled anew.
 */
export class HeldRows {
  private rows = 0
  private ids = new Int32Array()
  private published = new Float64Array()
  private expires = new Float64Array()
  private present = new Uint8Array()
  /** Where the keys of each row begin; those of the last end with all. */
  private begins = new Int32Array(1)
  private codes = new Int32Array()
  private readonly codeOf = new Map<number, number>()
  /** By code, the rows that have the key. */
  private readonly having: RowList[] = []
  private readonly numbers: Float64Array[]
  /** So many rows from the first on rise by id; the others are found by `later`. */
  private risen = 0
  private readonly later = new Map<number, number>()
  private removed = 0

  /** The entries of a collection, with their numbers in some fields, by the ids of those. */
  constructor(
    readonly collection: number,
    readonly fields: readonly number[] = [],
  ) {
    this.numbers = fields.map(() => new Float64Array())
  }

  /** How many entries there are. */
  get size(): number {
    return this.rows - this.removed
  }

  /** How many rows are of no entry any more. */
  get gone(): number {
    return this.removed
  }

  /** Takes an entry in, in place of what was known of it. */
  put(entry: HeldEntry): void {
    this.remove(entry.id)
    const row = this.rows
    if (row === this.risen && (row === 0 || (this.ids[row - 1] ?? 0) < entry.id)) this.risen += 1
    else this.later.set(entry.id, row)
    this.ids = withRoom(this.ids, row + 1)
    this.published = withRoom(this.published, row + 1)
    this.expires = withRoom(this.expires, row + 1)
    this.present = withRoom(this.present, row + 1)
    this.begins = withRoom(this.begins, row + 2)
    this.ids[row] = entry.id
    this.published[row] = entry.publishedAt
    this.expires[row] = entry.expiresAt ?? Infinity
    this.present[row] = 1
    const begin = this.begins[row] ?? 0
    this.codes = withRoom(this.codes, begin + entry.keys.length)
    entry.keys.forEach((key, at) => {
      const code = this.coded(key)
      this.codes[begin + at] = code
      this.listRow(code, row)
    })
    this.begins[row + 1] = begin + entry.keys.length
    for (const at of this.fields.keys()) {
      const numbers = withRoom(this.numbers[at] ?? new Float64Array(), row + 1)
      numbers[row] = entry.numbers[at] ?? NaN
      this.numbers[at] = numbers
    }
    this.rows += 1
  }

  /** Lets an entry go; nothing where it is not there. */
  remove(id: number): void {
    const row = this.rowOf(id)
    if (this.present[row] !== 1) return
    this.present[row] = 0
    this.removed += 1
  }

  /** How many entries that pass have each of the keys; those that none has are left out. */
  keyCounts(filter: Predicate, keys: readonly number[]): ReadonlyMap<number, number> {
    const { begins, codes } = this
    const counts = new Uint32Array(this.codeOf.size)
    this.goThrough(filter, (row) => {
      const end = begins[row + 1] ?? 0
      for (let at = begins[row] ?? 0; at < end; at += 1) {
        const code = codes[at] ?? 0
        counts[code] = (counts[code] ?? 0) + 1
      }
    })
    return new Map(
      keys.flatMap((key) => {
        const count = counts[this.codeOf.get(key) ?? -1] ?? 0
        return count === 0 ? [] : [[key, count] as const]
      }),
    )
  }

  /** How many entries that pass also pass each of some other conditions. */
  countsWithin(filter: Predicate, each: readonly Predicate[]): readonly number[] {
    const tests = each.map((one) => this.testOf(one))
    const counts = each.map(() => 0)
    this.goThrough(filter, (row) => {
      for (let at = 0; at < tests.length; at += 1)
        if (tests[at]?.(row) === true) counts[at] = (counts[at] ?? 0) + 1
    })
    return counts
  }

  private goThrough(filter: Predicate, visit: (row: number) => void): void {
    const { present } = this
    const passes = this.testOf(filter)
    const named = this.namedBy(filter)
    const [rows, length] = named === null ? [null, this.rows] : [named.rows, named.length]
    for (let at = 0; at < length; at += 1) {
      const row = rows === null ? at : (rows[at] ?? 0)
      if (present[row] === 1 && passes(row)) visit(row)
    }
  }

  private testOf(predicate: Predicate): Test {
    switch (predicate.test) {
      case 'all': {
        const tests = predicate.of.map((one) => this.testOf(one))
        return (row) => tests.every((passes) => passes(row))
      }
      case 'any': {
        const tests = predicate.of.map((one) => this.testOf(one))
        return (row) => tests.some((passes) => passes(row))
      }
      case 'not': {
        const passes = this.testOf(predicate.of)
        return (row) => !passes(row)
      }
      case 'anyKey':
        return this.hasAny(predicate.keys)
      case 'allKeys': {
        const tests = predicate.keys.map((key) => this.hasAny([key]))
        return (row) => tests.length > 0 && tests.every((passes) => passes(row))
      }
      case 'visible': {
        const { published, expires } = this
        const { at } = predicate
        return (row) => (published[row] ?? NaN) <= at && (expires[row] ?? NaN) > at
      }
      case 'between':
        return this.isBetween(predicate)
      case 'ids': {
        const rows = new Set(predicate.ids.map((id) => this.rowOf(id)))
        return (row) => rows.has(row)
      }
      case 'text':
      case 'words':
        throw new Error(`Nothing is held that tells “${predicate.test}”.`)
    }
  }

  private isBetween({ value, from, to, before }: Extract<Predicate, { test: 'between' }>): Test {
    const values = this.valuesOf(value)
    if (values === null) return () => false
    const [least, most] = [from ?? -Infinity, to ?? Infinity]
    // NaN stands for no number, and is within nothing.
    return (row) => {
      const number = values[row] ?? NaN
      return number >= least && number <= most && (before === null || number < before)
    }
  }

  /** The values of the rows; null where the collection has none. */
  private valuesOf(value: RangeValue): Float64Array | null {
    if (value === 'publishedAt') return this.published
    if (typeof value === 'string') throw new Error(`Nothing is held that tells “${value}”.`)
    const field = fieldIn(value, this.collection)
    if (field === null) return null
    const numbers = this.numbers[this.fields.indexOf(field)]
    if (numbers === undefined) throw new Error(`The numbers of field ${field} are not held.`)
    return numbers
  }

  private hasAny(keys: readonly number[]): Test {
    const { begins, codes } = this
    const wanted = new Uint8Array(this.codeOf.size)
    for (const key of keys) {
      const code = this.codeOf.get(key)
      if (code !== undefined) wanted[code] = 1
    }
    return (row) => {
      const end = begins[row + 1] ?? 0
      for (let at = begins[row] ?? 0; at < end; at += 1) if (wanted[codes[at] ?? 0] === 1) return true
      return false
    }
  }

  /** The rows among which all that pass are, each once; null where those are not few, or nobody can say. */
  private namedBy(predicate: Predicate): RowList | null {
    switch (predicate.test) {
      case 'all':
        return fewest(predicate.of.map((one) => this.namedBy(one)))
      case 'allKeys':
        return predicate.keys.length === 0
          ? nowhere
          : fewest(predicate.keys.map((key) => this.namedByKeys([key])))
      case 'anyKey':
        return this.namedByKeys(predicate.keys)
      case 'ids':
        return listOf(new Set(predicate.ids.map((id) => this.rowOf(id)).filter((row) => row >= 0)))
      default:
        return null
    }
  }

  private namedByKeys(keys: readonly number[]): RowList | null {
    const lists = keys.flatMap((key) => this.having[this.codeOf.get(key) ?? -1] ?? [])
    const all = lists.reduce((sum, { length }) => sum + length, 0)
    if (all > this.rows * smallPart) return null
    const [first = nowhere, ...others] = lists
    if (others.length === 0) return first
    return listOf(new Set(lists.flatMap(({ rows, length }) => [...rows.subarray(0, length)])))
  }

  private coded(key: number): number {
    const known = this.codeOf.get(key)
    if (known !== undefined) return known
    const code = this.codeOf.size
    this.codeOf.set(key, code)
    this.having.push({ rows: new Int32Array(), length: 0 })
    return code
  }

  private listRow(code: number, row: number): void {
    const list = this.having[code]
    // An entry that has a key twice is one all the same.
    if (list === undefined || (list.length > 0 && list.rows[list.length - 1] === row)) return
    list.rows = withRoom(list.rows, list.length + 1)
    list.rows[list.length] = row
    list.length += 1
  }

  /** The row of an entry; -1 where it is not there. */
  private rowOf(id: number): number {
    return this.later.get(id) ?? this.risenRow(id)
  }

  /** The row of an entry among those that rise by id; -1 where it is not there. */
  private risenRow(id: number): number {
    let [low, high] = [0, this.risen - 1]
    while (low <= high) {
      const middle = (low + high) >> 1
      const found = this.ids[middle] ?? 0
      if (found === id) return middle
      if (found < id) low = middle + 1
      else high = middle - 1
    }
    return -1
  }
}

/**
 * The fields whose numbers a condition asks for in a collection, by their ids; null where it asks for more
 * than is ever held.
 */
export function fieldsToHold(predicate: Predicate, collection: number): readonly number[] | null {
  switch (predicate.test) {
    case 'all':
    case 'any': {
      const each = predicate.of.map((one) => fieldsToHold(one, collection))
      const known = each.filter((fields) => fields !== null)
      return known.length === each.length ? known.flat() : null
    }
    case 'not':
      return fieldsToHold(predicate.of, collection)
    case 'between': {
      if (predicate.value === 'publishedAt') return []
      if (typeof predicate.value === 'string') return null
      const field = fieldIn(predicate.value, collection)
      return field === null ? [] : [field]
    }
    case 'text':
    case 'words':
      return null
    case 'anyKey':
    case 'allKeys':
    case 'visible':
    case 'ids':
      return []
  }
}

const nowhere: RowList = { rows: new Int32Array(), length: 0 }

function listOf(rows: ReadonlySet<number>): RowList {
  return { rows: Int32Array.from(rows), length: rows.size }
}

function fewest(lists: readonly (RowList | null)[]): RowList | null {
  return lists.reduce<RowList | null>(
    (least, one) => (least === null || (one !== null && one.length < least.length) ? one : least),
    null,
  )
}

/** The same numbers, with room for so many. */
function withRoom<Numbers extends Int32Array | Float64Array | Uint8Array>(
  numbers: Numbers,
  length: number,
): Numbers {
  if (length <= numbers.length) return numbers
  const Same = numbers.constructor as new (length: number) => Numbers
  const more = new Same(Math.max(length, 8, Math.ceil(numbers.length * 1.5)))
  more.set(numbers)
  return more
}
