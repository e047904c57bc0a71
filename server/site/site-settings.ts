import { object, string } from 'yup'
import { parseWith } from '../../core/parsing'
import type { Db } from '../db/client'
import { accepted } from '../http/problem'
import { recordChange } from '../live/record-change'
import type { Site } from './site'

const schema = object({
  brokenRules: string<Site['brokenRules']>().oneOf(['without', 'nothing'], 'A listing goes on without the rule, or shows nothing.').required(),
})
  .noUnknown('This is not a setting of the site: ${unknown}.')
  .required()

/** Changes what is set for the whole site. Throws 422. */
export async function saveSiteSettings(db: Db, input: unknown): Promise<void> {
  const { brokenRules } = accepted(parseWith<Pick<Site, 'brokenRules'>>(schema, input))
  await db.transaction().execute(async (trx) => {
    await trx.updateTable('site').set({ broken_rules: brokenRules }).execute()
    await recordChange(trx, { kind: 'site', subjectId: null })
  })
}
