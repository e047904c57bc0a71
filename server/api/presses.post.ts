import { getHeader, getRequestURL, setResponseStatus } from 'h3'
import { array, object, string } from 'yup'
import { pressIn } from '../../core/presses/press'
import { parseWith } from '../../core/parsing'
import { readOpenJson } from '../http/body'
import { clientOf } from '../http/clients'
import { openEndpoint } from '../http/endpoint'
import { accepted } from '../http/problem'
import { pressCounter } from '../presses/counter'

/** So many presses the script tells at once at most. */
const most = 50

const schema = object({
  presses: array(string().max(400).required()).max(most, `Tell at most ${most} presses at once.`).required(),
})
  .noUnknown()
  .required()

/** Counts what was pressed: one press, as its link tells by itself, or some, as the script does. */
export default openEndpoint(async ({ event }) => {
  const { searchParams } = getRequestURL(event)
  const told =
    searchParams.size > 0
      ? [searchParams]
      : accepted(parseWith(schema, await readOpenJson(event))).presses.map((one) => new URLSearchParams(one))
  const isPrivate = getHeader(event, 'dnt') === '1' || getHeader(event, 'sec-gpc') === '1'
  const presser = { client: clientOf(event), agent: getHeader(event, 'user-agent') ?? '', isPrivate }
  for (const press of told.map(pressIn)) if (press !== null) await pressCounter().count(press, presser)
  setResponseStatus(event, 204)
  return null
})
