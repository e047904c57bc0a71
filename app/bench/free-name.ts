import type { Listing } from '~~/core/listing/definition'

/** A name that none of the listings has: with a number after it where it must. */
export function freeName(wanted: string, listings: Readonly<Record<string, Listing>>): string {
  const names = new Set(Object.values(listings).map((listing) => listing.name))
  const base = wanted.replace(/ \d+$/, '')
  let name = wanted
  for (let number = 2; names.has(name); number += 1) name = `${base} ${number}`
  return name
}
