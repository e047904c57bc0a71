import { fieldSpread } from '../../../../content/field-spread'
import { questionEndpoint } from '../../../../http/endpoint'
import { numberParameter } from '../../../../http/parameters'

/** How the values of a field are spread, for setting limits by eye. */
export default questionEndpoint('writer', ({ event, db }) =>
  fieldSpread(db, numberParameter(event, 'id', 'The field'), Date.now()),
)
