import { shallowRef } from 'vue'
import type { Clause } from '~~/core/listing/clauses'
import type { Listing } from '~~/core/listing/definition'

type Copied = {
  readonly [Name in Clause]: { readonly clause: Name; readonly settings: Listing[Name] }
}[Clause]

/** The settings of a clause that were copied last, in this listing or another of this visit. */
export const copiedClause = shallowRef<Copied | null>(null)

export function copyOf(listing: Listing, clause: Clause): Copied {
  return { clause, settings: listing[clause] } as Copied
}

/** A listing with the copied settings in place of its own. */
export function withCopied(listing: Listing, { clause, settings }: Copied): Listing {
  return { ...listing, [clause]: settings }
}
