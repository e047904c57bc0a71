import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { beginHistory, edited, joinWithin, redone, undone } from './history'
import type { History } from './history'

interface Value {
  readonly list: readonly number[]
  readonly named: Readonly<Record<string, number>>
}

const start: Value = { list: [1, 2, 3], named: { a: 1 } }
const changes = fc.array(
  fc.record({
    at: fc.nat(4),
    value: fc.nat(9),
    name: fc.constantFrom('a', 'b'),
    subject: fc.constantFrom(null, 'x'),
    wait: fc.nat(2000),
  }),
  { maxLength: 12 },
)

function played(
  all: { at: number; value: number; name: string; subject: string | null; wait: number }[],
): History<Value> {
  let time = 0
  return all.reduce((history, change) => {
    time += change.wait
    return edited(history, { title: 'Change', subject: change.subject, at: time }, (draft) => {
      draft.list.splice(change.at, 1, change.value)
      draft.named[change.name] = change.value
    })
  }, beginHistory(start))
}

function repeat(history: History<Value>, step: (one: History<Value>) => History<Value>, times: number) {
  return Array.from({ length: times }).reduce<History<Value>>((one) => step(one), history)
}

describe('the history of edits', () => {
  it('undoes to the beginning and redoes to the end, whatever was done', () => {
    fc.assert(
      fc.property(changes, (all) => {
        const end = played(all)
        const back = repeat(end, undone, end.past.length)
        expect(back.present).toEqual(start)
        expect(repeat(back, redone, back.future.length).present).toEqual(end.present)
      }),
    )
  })

  it('joins edits of one subject that follow closely, and no others', () => {
    const set = (history: History<Value>, value: number, at: number, subject: string | null) =>
      edited(history, { title: 'Set', subject, at }, (draft) => void (draft.named.a = value))
    let history = beginHistory(start)
    history = set(history, 2, 0, 'a')
    history = set(history, 3, joinWithin, 'a')
    expect(history.past).toHaveLength(1)
    history = set(history, 4, joinWithin * 3, 'a')
    history = set(history, 5, joinWithin * 3, null)
    expect(history.past).toHaveLength(3)
    expect(undone(undone(history)).present.named.a).toBe(3)
  })

  it('forgets what was undone once something else is done, and ignores edits that change nothing', () => {
    const once = edited(beginHistory(start), { title: 'A', at: 0 }, (draft) => void draft.list.push(4))
    const other = edited(undone(once), { title: 'B', at: 1 }, (draft) => void draft.list.push(5))
    expect(other.future).toEqual([])
    expect(edited(other, { title: 'C', at: 2 }, () => undefined)).toBe(other)
    expect(redone(other)).toBe(other)
  })
})
