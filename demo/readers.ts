import { randomFrom, seedOf } from '../core/random'

/** What readers did with an entry of the demo. */
export interface DemoReaders {
  readonly comments: number
  readonly votes: number
  readonly votesFor: number
  /** Reads by how many days ago, 0 being today. */
  readonly reads: readonly { readonly daysAgo: number; readonly count: number }[]
}

const daysTold = 45

/** Readers of an entry that was read so often in all: the same for the same entry. */
export function readersOf(slug: string, views: number): DemoReaders {
  const random = randomFrom(seedOf(`readers of ${slug}`))
  const votes = Math.floor(random() * Math.min(60, views / 8))
  const liking = 0.55 + random() * 0.45
  const daily = (views / 400) * (0.3 + random())
  const reads = Array.from({ length: daysTold }, (_, daysAgo) => ({
    daysAgo,
    count: Math.round(daily * 2 * random()),
  }))
  return {
    comments: Math.floor(random() ** 3 * Math.min(24, views / 20)),
    votes,
    votesFor: Math.round(votes * liking),
    reads: reads.filter((one) => one.count > 0),
  }
}
