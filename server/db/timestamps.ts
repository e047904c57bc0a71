/**
 * A parser of instants that reads whole seconds of UTC, as `2026-11-30 10:00:00+00`, in a tenth of the
 * time, and leaves all else that PostgreSQL writes (8.5.2) to the one that is given.
 */
export function quickly<Other>(other: (text: string) => Other): (text: string) => Date | Other {
  return (text) => {
    const century = twoAt(text, 0)
    // Years before 100 mean others to the platform.
    if (text.length !== 22 || !text.endsWith('+00') || century === 0) return other(text)
    const [month, day] = [twoAt(text, 5), twoAt(text, 8)]
    const [hours, minutes, seconds] = [twoAt(text, 11), twoAt(text, 14), twoAt(text, 17)]
    return new Date(Date.UTC(century * 100 + twoAt(text, 2), month - 1, day, hours, minutes, seconds))
  }
}

const zero = 48

/** The number that two digits are. */
function twoAt(text: string, at: number): number {
  return (text.charCodeAt(at) - zero) * 10 + text.charCodeAt(at + 1) - zero
}
