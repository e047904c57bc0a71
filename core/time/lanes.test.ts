import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { lanesOf } from './lanes'
import type { Stretch } from './lanes'

const stretches = fc.array(
  fc
    .tuple(fc.integer({ min: -500, max: 500 }), fc.integer({ min: 0, max: 200 }))
    .map(([startsAt, length]): Stretch => ({ startsAt, endsAt: startsAt + length })),
  { maxLength: 60 },
)

/** How long a stretch takes its lane. */
const endOf = ({ startsAt, endsAt }: Stretch) => Math.max(endsAt, startsAt + 1)

describe('lanes', () => {
  it('are as few as there are stretches at once', () => {
    fc.assert(
      fc.property(stretches, (all) => {
        const atOnce = all.map(
          ({ startsAt }) => all.filter((one) => one.startsAt <= startsAt && endOf(one) > startsAt).length,
        )
        expect(new Set(lanesOf(all)).size).toBe(Math.max(0, ...atOnce))
      }),
    )
  })

  it('never have one over another', () => {
    fc.assert(
      fc.property(stretches, (all) => {
        const lanes = lanesOf(all)
        for (const [at, one] of all.entries())
          for (const [other, two] of all.entries())
            if (at < other && lanes[at] === lanes[other])
              expect(endOf(one) <= two.startsAt || endOf(two) <= one.startsAt).toBe(true)
      }),
    )
  })

  it('stay whatever begins later', () => {
    fc.assert(
      fc.property(stretches, fc.integer({ min: -500, max: 500 }), (all, until) => {
        const known = all.filter((one) => one.startsAt < until)
        const lanes = lanesOf(all)
        expect(lanesOf(known)).toEqual(lanes.filter((_, at) => (all[at]?.startsAt ?? until) < until))
      }),
    )
  })
})
