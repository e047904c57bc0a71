import type { SubjectOfPage } from '../../../core/pages/answers'
import type { PageSubject } from '../../../core/rules/context'
import type { Db, Trx } from '../../db/client'
import type { Site } from '../../site/site'

/** What a page says of its subject at its head. */
export interface SubjectHead {
  readonly title: string
  readonly introduction: string
}

/** What an address is the page of. */
export interface FoundSubject {
  readonly kind: 'page'
  readonly subject: PageSubject
  /** Where the page stands that is made for all of them. */
  readonly pattern: string
  readonly head: SubjectHead
}

export type FoundAddress = FoundSubject | { readonly kind: 'moved'; readonly address: string }

/** Pages that are made once and shown for each of many things. */
export interface SubjectPages {
  readonly kind: SubjectOfPage['kind']
  /**
   * What a path (percent-decoded) is the page of at `now` (epoch milliseconds), where anything was
   * published of it; null for nothing of this kind.
   */
  readonly find: (db: Db | Trx, site: Site, path: string, now: number) => Promise<FoundAddress | null>
  /** Of what a page at this pattern is, and the likeliest sample; null where it is of something else. */
  readonly of: (db: Db, site: Site, pattern: string, now: number) => Promise<SubjectOfPage | null>
  /** What is said at the head of the page of a subject of this kind; null where it is gone. */
  readonly head: (db: Db, site: Site, subject: PageSubject) => Promise<SubjectHead | null>
}
