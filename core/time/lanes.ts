/** A stretch of time; epoch milliseconds, the end not included. */
export interface Stretch {
  readonly startsAt: number
  readonly endsAt: number
}

/**
 * The lane of each stretch, from 0, so that none lies over another in its lane: as few lanes as there
 * are stretches at once at most (interval partitioning; Kleinberg and Tardos, Algorithm Design, 4.1).
 * What is over as it begins takes a moment. A stretch has its lane whatever begins after it.
 */
export function lanesOf(stretches: readonly Stretch[]): readonly number[] {
  const lanes = stretches.map(() => 0)
  const ends: number[] = []
  const inOrder = stretches
    .map((stretch, at) => ({ ...stretch, at }))
    .toSorted((a, b) => a.startsAt - b.startsAt || b.endsAt - a.endsAt || a.at - b.at)
  for (const { startsAt, endsAt, at } of inOrder) {
    const free = ends.findIndex((end) => end <= startsAt)
    const lane = free < 0 ? ends.length : free
    ends[lane] = Math.max(endsAt, startsAt + 1)
    lanes[at] = lane
  }
  return lanes
}
