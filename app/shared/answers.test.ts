import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { effectScope, nextTick, ref } from 'vue'
import type { EffectScope } from 'vue'
import { memory, useAnswer, useKnown, usePagedAnswer } from './answers'

/** A question that reached the server, answered when the test says so. */
interface Reached {
  readonly path: string
  readonly signal: AbortSignal | undefined
  readonly answer: (content: unknown, status?: number) => Promise<void>
}

let reached: Reached[]
let scope: EffectScope

beforeEach(() => {
  reached = []
  scope = effectScope()
  vi.stubGlobal('fetch', (path: string, { signal }: RequestInit) => {
    return new Promise((resolve, reject) => {
      signal?.addEventListener('abort', () => reject(new DOMException('Given up.', 'AbortError')))
      const answer = async (content: unknown, status = 200) => {
        resolve(new Response(JSON.stringify(content), { status }))
        await settled()
      }
      reached.push({ path, signal: signal ?? undefined, answer })
    })
  })
})
afterEach(() => {
  scope.stop()
  memory.clear()
  vi.unstubAllGlobals()
  vi.useRealTimers()
})

/** Everything that follows from what was done has happened. */
async function settled(): Promise<void> {
  for (let turns = 0; turns < 5; turns += 1) await new Promise((resolve) => setTimeout(resolve, 0))
  await nextTick()
}

/** Does what a component's setup would. */
function used<T>(setup: () => T): T {
  return scope.run(setup) as T
}

describe('an answer', () => {
  it('is that of the newest question, however late an older one is answered', async () => {
    const word = ref('a')
    const { answer } = used(() => useAnswer<string>(() => ({ path: `/find/${word.value}` })))
    await settled()
    word.value = 'b'
    await settled()
    await reached[1]?.answer('of b')
    expect(answer.value).toBe('of b')
    await reached[0]?.answer('of a')
    expect(answer.value).toBe('of b')
  })

  it('is not waited for any more once another question takes the place of its own', async () => {
    const word = ref('a')
    used(() => useAnswer<string>(() => ({ path: `/find/${word.value}` })))
    await settled()
    word.value = 'b'
    await settled()
    expect(reached.map((one) => one.signal?.aborted)).toEqual([true, false])
  })

  it('stays until the next one comes, unless it would pass for that', async () => {
    const word = ref('a')
    const path = () => ({ path: `/find/${word.value}` })
    const [kept, own] = used(() => [
      useAnswer(path),
      useAnswer(() => ({ ...path(), body: {} }), { keep: false }),
    ])
    await settled()
    for (const one of [...reached]) await one.answer('of a')
    expect([kept.answer.value, own.answer.value]).toEqual(['of a', 'of a'])
    word.value = 'b'
    await settled()
    expect([kept.answer.value, own.answer.value]).toEqual(['of a', undefined])
  })

  it('is none where nothing is asked', async () => {
    const isOpen = ref(true)
    const { answer } = used(() => useAnswer(() => (isOpen.value ? { path: '/rows' } : null)))
    await settled()
    await reached[0]?.answer(['row'])
    expect(answer.value).toEqual(['row'])
    isOpen.value = false
    await settled()
    expect(answer.value).toBeUndefined()
    expect(reached).toHaveLength(1)
  })

  it('that is asked for again is no older than that, also where the first was still on its way', async () => {
    const word = ref('a')
    const single = used(() => useAnswer<string>(() => ({ path: `/find/${word.value}` })))
    const list = used(() => usePagedAnswer<string>(() => ({ path: `/list/${word.value}` })))
    for (const letter of ['a', 'b']) {
      word.value = letter
      await settled()
      void single.again()
      void list.again()
      await settled()
      const asked = reached.slice(-4)
      expect(asked.map((one) => one.signal?.aborted)).toEqual([true, true, false, false])
      for (const { path, answer } of asked.slice(2))
        await answer(path.startsWith('/find') ? `newer ${letter}` : { rows: [`newer ${letter}`], total: 1 })
      expect([single.answer.value, list.rows.value]).toEqual([`newer ${letter}`, [`newer ${letter}`]])
    }
  })

  it('says why there is none, at once where it was refused', async () => {
    const { answer, failure } = used(() => useAnswer(() => ({ path: '/rows' })))
    await settled()
    await reached[0]?.answer({ title: 'No', detail: 'That is too heavy.', faults: [], status: 422 }, 422)
    expect(failure.value).toBe('That is too heavy.')
    expect(answer.value).toBeUndefined()
    expect(reached).toHaveLength(1)
  })

  it('is asked for again where the question did not get through', async () => {
    const { answer, failure } = used(() => useAnswer(() => ({ path: '/rows' })))
    await settled()
    await reached[0]?.answer({}, 503)
    await vi.waitUntil(() => reached.length === 2, { timeout: 5000 })
    await reached[1]?.answer('here')
    expect([answer.value, failure.value]).toEqual(['here', null])
  })
})

describe('a list that is read page by page', () => {
  it('goes on where it ended, and begins anew for another question', async () => {
    const word = ref('a')
    const list = used(() =>
      usePagedAnswer<string>((page) => ({ path: `/list?of=${word.value}&page=${page}` })),
    )
    await settled()
    await reached[0]?.answer({ rows: ['a1', 'a2'], total: 3 })
    void list.more()
    await settled()
    await reached[1]?.answer({ rows: ['a3'], total: 3 })
    expect(list.rows.value).toEqual(['a1', 'a2', 'a3'])
    word.value = 'b'
    await settled()
    await reached[2]?.answer({ rows: [], total: 0 })
    expect([list.rows.value, list.total.value]).toEqual([[], 0])
    expect(reached.map((one) => one.path)).toEqual([
      '/list?of=a&page=1',
      '/list?of=a&page=2',
      '/list?of=b&page=1',
    ])
  })
})

describe('what is known by its id', () => {
  it('is asked for once, and only what is not known yet', async () => {
    const ids = ref([1, 2])
    const { known, learn } = used(() => useKnown<{ id: number; name: string }>(() => ids.value, '/named'))
    await settled()
    await reached[0]?.answer([
      { id: 1, name: 'one' },
      { id: 2, name: 'two' },
    ])
    learn([{ id: 3, name: 'three' }])
    ids.value = [1, 2, 3, 4]
    await settled()
    expect(reached.map((one) => one.path)).toEqual(['/named?ids=1,2', '/named?ids=4'])
    await reached[1]?.answer([{ id: 4, name: 'four' }])
    expect([...known.value.values()].map((one) => one.name)).toEqual(['one', 'two', 'three', 'four'])
  })
})
