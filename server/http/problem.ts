import type { Fault, Parsed } from '../../core/parsing'
import type { ProblemDetails } from '../../core/problem'

/** Thrown by services for what the caller did wrong or could not know; becomes a 4xx answer. */
export class Problem extends Error {
  constructor(
    readonly status: number,
    readonly title: string,
    detail: string,
    readonly more: { readonly faults?: readonly Fault[]; readonly current?: unknown } = {},
  ) {
    super(detail)
    this.name = 'Problem'
  }

  get details(): ProblemDetails {
    const { faults = [], current } = this.more
    return {
      status: this.status,
      title: this.title,
      detail: this.message,
      faults,
      ...(current !== undefined && { current }),
    }
  }
}

/** 422: the input was understood and is wrong in these places. */
export function refused(faults: readonly Fault[]): Problem {
  const first = faults[0]
  return new Problem(422, 'Not accepted', first?.message ?? 'The input is not right.', { faults })
}

/** 404. */
export function missing(what: string): Problem {
  return new Problem(404, 'Not found', `${what} is not there. It may have been deleted.`)
}

/** 409: somebody else wrote in between; `current` is what stands now. */
export function overtaken(detail: string, current: unknown): Problem {
  return new Problem(409, 'Changed meanwhile', detail, { current })
}

/** The value of a parsed outcome. Throws `refused` with its faults. */
export function accepted<T>(parsed: Parsed<T>, under = ''): T {
  if (parsed.ok) return parsed.value
  throw refused(parsed.faults.map((fault) => ({ ...fault, path: joined(under, fault.path) })))
}

function joined(under: string, path: string): string {
  return under === '' || path === '' ? under || path : `${under}.${path}`
}
