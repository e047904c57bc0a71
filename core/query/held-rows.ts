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

/** Which rows pass: 1 for each that does. */
type Passing = Uint8Array

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
    entry.keys.forEach((key, at) => (this.codes[begin + at] = this.coded(key)))
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
    const row = this.later.get(id) ?? this.risenRow(id)
    if (this.present[row] !== 1) return
    this.present[row] = 0
    this.removed += 1
  }

  /** How many entries that pass have each of the keys; those that none has are left out. */
  keyCounts(filter: Predicate, keys: readonly number[]): ReadonlyMap<number, number> {
    const { begins, codes, rows } = this
    const passing = this.passing(filter)
    const counts = new Uint32Array(this.codeOf.size)
    for (let row = 0; row < rows; row += 1) {
      if (passing[row] === 0) continue
      const end = begins[row + 1] ?? 0
      for (let at = begins[row] ?? 0; at < end; at += 1) {
        const code = codes[at] ?? 0
        counts[code] = (counts[code] ?? 0) + 1
      }
    }
    return new Map(
      keys.flatMap((key) => {
        const count = counts[this.codeOf.get(key) ?? -1] ?? 0
        return count === 0 ? [] : [[key, count] as const]
      }),
    )
  }

  /** How many entries that pass also pass each of some other conditions. */
  countsWithin(filter: Predicate, each: readonly Predicate[]): readonly number[] {
    const passing = this.passing(filter)
    return each.map((one) => {
      const also = this.mask(one)
      let count = 0
      for (let row = 0; row < this.rows; row += 1) count += (passing[row] ?? 0) & (also[row] ?? 0)
      return count
    })
  }

  private passing(filter: Predicate): Passing {
    return both(this.mask(filter), this.present)
  }

  /** Which rows pass, those of no entry among them. */
  private mask(predicate: Predicate): Passing {
    switch (predicate.test) {
      case 'all':
        return predicate.of.map((one) => this.mask(one)).reduce(both, this.filled(1))
      case 'any':
        return predicate.of.map((one) => this.mask(one)).reduce(either, this.filled(0))
      case 'not':
        return this.where(this.mask(predicate.of), (value) => value === 0)
      case 'anyKey':
        return this.havingAny(predicate.keys)
      case 'allKeys':
        return predicate.keys.length === 0
          ? this.filled(0)
          : predicate.keys.map((key) => this.havingAny([key])).reduce(both)
      case 'visible':
        return both(
          this.where(this.published, (published) => published <= predicate.at),
          this.where(this.expires, (expires) => expires > predicate.at),
        )
      case 'between':
        return this.between(predicate)
      case 'ids':
        return this.among(predicate.ids)
      case 'text':
      case 'words':
        throw new Error(`Nothing is held that tells “${predicate.test}”.`)
    }
  }

  private between({ value, from, to, before }: Extract<Predicate, { test: 'between' }>): Passing {
    const values = this.valuesOf(value)
    if (values === null) return this.filled(0)
    const [least, most, end] = [from ?? -Infinity, to ?? Infinity, before]
    // NaN stands for no number, and is within nothing.
    return this.where(values, (number) => number >= least && number <= most && (end === null || number < end))
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

  private havingAny(keys: readonly number[]): Passing {
    const { begins, codes, rows } = this
    const wanted = new Uint8Array(this.codeOf.size)
    for (const key of keys) {
      const code = this.codeOf.get(key)
      if (code !== undefined) wanted[code] = 1
    }
    const passing = this.filled(0)
    for (let row = 0; row < rows; row += 1) {
      const end = begins[row + 1] ?? 0
      for (let at = begins[row] ?? 0; at < end; at += 1)
        if (wanted[codes[at] ?? 0] === 1) {
          passing[row] = 1
          break
        }
    }
    return passing
  }

  private among(ids: readonly number[]): Passing {
    const passing = this.filled(0)
    for (const id of ids) {
      const row = this.later.get(id) ?? this.risenRow(id)
      if (row >= 0) passing[row] = 1
    }
    return passing
  }

  private where(values: Float64Array | Uint8Array, holds: (value: number) => boolean): Passing {
    const passing = new Uint8Array(this.rows)
    for (let row = 0; row < this.rows; row += 1) passing[row] = holds(values[row] ?? NaN) ? 1 : 0
    return passing
  }

  private filled(value: 0 | 1): Passing {
    return new Uint8Array(this.rows).fill(value)
  }

  private coded(key: number): number {
    const known = this.codeOf.get(key)
    if (known !== undefined) return known
    const code = this.codeOf.size
    this.codeOf.set(key, code)
    return code
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

function both(one: Passing, other: Passing): Passing {
  for (let row = 0; row < one.length; row += 1) one[row] = (one[row] ?? 0) & (other[row] ?? 0)
  return one
}

function either(one: Passing, other: Passing): Passing {
  for (let row = 0; row < one.length; row += 1) one[row] = (one[row] ?? 0) | (other[row] ?? 0)
  return one
}

/** The same numbers, with room for so many. */
function withRoom<Numbers extends Int32Array | Float64Array | Uint8Array>(
  numbers: Numbers,
  length: number,
): Numbers {
  if (length <= numbers.length) return numbers
  const Same = numbers.constructor as new (length: number) => Numbers
  const more = new Same(Math.max(length, 1024, Math.ceil(numbers.length * 1.5)))
  more.set(numbers)
  return more
}
