import type { DependsOn } from '../live/dependent-cache'

/** What a visitor is answered: a document, or the address that what was asked for has moved to. */
export type PublicAnswer =
  | {
      readonly status: 200
      readonly html: string
      /** The styles that stand in it. */
      readonly css: string
      /** Whether something on it is shuffled for each visit. */
      readonly lastsAVisit: boolean
      /** Whether it may stand in pages of other sites. */
      readonly isFramed?: boolean
      readonly dependence: DependsOn
    }
  | { readonly status: 404; readonly html: string; readonly css: string }
  | { readonly status: 301; readonly address: string }
