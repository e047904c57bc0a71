import { controls as kinds } from '../visitors'
import type { Control } from '../visitors'
import type { ControlSite } from '../visitors/define'

/**
 * What somebody pressed in a listing: a choice by a control (`season:spring`; nothing after the colon for what
 * is typed, or taken back), a page (`next`, `previous`, `more`, or its number), or the card of an entry.
 */
export interface Press {
  /** The listing's id. */
  readonly listing: string
  readonly kind: PressKind
  readonly what: string
}

export const pressKinds = ['choice', 'page', 'card'] as const
export type PressKind = (typeof pressKinds)[number]

/** Where presses are told. */
export const pressesAddress = '/api/presses'

/** So many characters say what was pressed at most. */
const longest = 200

/** The address at which one press is told by the link itself. */
export function pressAddress({ listing, kind, what }: Press): string {
  return `${pressesAddress}?listing=${listing}&${kind}=${encodeURIComponent(what).replaceAll('%3A', ':')}`
}

const uuid = /^[\da-f]{8}(?:-[\da-f]{4}){3}-[\da-f]{12}$/

/** What an address tells of a press, as it is written; null where it tells none. What it names may not be there. */
export function pressIn(query: URLSearchParams): Press | null {
  const listing = query.get('listing') ?? ''
  const kind = pressKinds.find((one) => query.has(one))
  const what = kind === undefined ? '' : (query.get(kind) ?? '')
  if (kind === undefined || !uuid.test(listing) || what.length > longest || !isSaid(kind, what)) return null
  return { listing, kind, what }
}

function isSaid(kind: PressKind, what: string): boolean {
  if (kind === 'choice') return /^[^:]+:/.test(what)
  return kind === 'card' ? /^[1-9]\d{0,9}$/.test(what) : /^(?:next|previous|more|[1-9]\d{0,8})$/.test(what)
}

/** Pages from here on are counted as one. */
const lastCounted = 100

/** A page as it is counted: by its number as long as that is small. */
export function countedPage(what: string): string {
  return Number(what) > lastCounted ? String(lastCounted) : what
}

/**
 * A choice as it is counted: its control is one of the listing's, and what is chosen one thing of few; what is
 * not, as what was typed, counts for the control alone. Null for a control that the listing has not.
 */
export function countedChoice(what: string, controls: readonly Control[], site: ControlSite): string | null {
  const [parameter = ''] = what.split(':', 1)
  const text = what.slice(parameter.length + 1)
  const control = controls.find((one) => kinds.get(one.control).parameter(one, site) === parameter)
  if (control === undefined) return null
  const kind = kinds.get(control.control)
  const { choice } = kind.read(control, text, site)
  const isOne = choice !== null && !(Array.isArray(choice) && choice.length > 1)
  const isFew = isOne && (kind.isOneOfFew?.(control, choice) ?? true)
  return `${parameter}:${isFew ? kind.write(control, choice, site) : ''}`
}
