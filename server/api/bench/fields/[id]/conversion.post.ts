import { tryConversion } from '../../../../content/field-conversion'
import { readJson } from '../../../../http/body'
import { questionEndpoint } from '../../../../http/endpoint'
import { numberParameter } from '../../../../http/parameters'

/** What giving a field another type would do, without doing it. */
export default questionEndpoint('designer', async ({ event, db }) =>
  tryConversion(db, numberParameter(event, 'id', 'The field'), await readJson(event)),
)
