import type { SubjectOfPage } from '../../core/pages/answers'
import type { Asked } from '../listings/context'

/** What a draft is shown for: what was chosen, else the sample of what its page is of. */
export function askedForPage(asked: Asked, subject: SubjectOfPage | null): Asked {
  return asked.page !== null || subject === null || subject.sample === null
    ? asked
    : { ...asked, page: subject.sample.subject }
}
