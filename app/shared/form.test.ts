import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { useForm } from './form'
import { RequestProblem } from './http'

interface Note {
  readonly title: string
  readonly status: string
  readonly tags: readonly string[]
  readonly values: Readonly<Record<string, unknown>>
}

const blank: Note = { title: '', status: 'draft', tags: [], values: {} }

function noteForm() {
  return useForm<Note>(blank, ({ title, status }) =>
    status === 'published' && title === '' ? [{ path: 'title', message: 'Give it a title.' }] : [],
  )
}

// A form shows the first field that is wrong.
beforeEach(() => vi.stubGlobal('document', { querySelector: () => null }))
afterEach(() => vi.unstubAllGlobals())

describe('a form that was sent', () => {
  it('takes over what the answer made of it, and is saved', async () => {
    const form = noteForm()
    form.values.title = ' Rain '
    const sent = { ...form.values }
    form.settle(sent, { ...sent, title: 'Rain' })
    expect(form.values.title).toBe('Rain')
    expect(form.changed.value).toBe(false)
  })

  it('keeps what was typed meanwhile, field by field, as not saved yet', () => {
    const form = noteForm()
    Object.assign(form.values, { title: 'Rain', values: { 1: 'a', 2: 'b' } })
    const sent = { ...form.values, values: { ...form.values.values } }
    form.values.values = { 1: 'a', 2: 'typed' }
    form.values.tags = ['wet']
    form.settle(sent, { ...sent, status: 'published', values: { 1: 'A', 2: 'B' } })
    expect(form.values).toEqual({
      title: 'Rain',
      status: 'published',
      tags: ['wet'],
      values: { 1: 'A', 2: 'typed' },
    })
    expect(form.changed.value).toBe(true)
  })

  it('keeps what was taken out of it meanwhile taken out', () => {
    const form = noteForm()
    form.reset({ ...blank, tags: ['wet', 'cold'] })
    const sent = { ...form.values }
    form.values.tags = []
    form.settle(sent, sent)
    expect([form.values.tags, form.changed.value]).toEqual([[], true])
  })
})

describe('what is sent beside what is typed', () => {
  it('is checked with it, and nothing is sent that is not right', async () => {
    const form = noteForm()
    let times = 0
    expect(await form.send(() => Promise.resolve((times += 1)), { status: 'published' })).toBeNull()
    expect(times).toBe(0)
    expect(form.faults('title')).toEqual(['Give it a title.'])
    expect(await form.send(() => Promise.resolve((times += 1)))).toBe(1)
    expect(form.faults('title')).toEqual([])
  })

  it('changes nothing of what is typed where it is refused', async () => {
    const form = noteForm()
    form.values.title = 'Rain'
    const refusal = new RequestProblem({ status: 403, title: 'No', detail: 'Not you.', faults: [] })
    expect(await form.send(() => Promise.reject(refusal), { status: 'published' })).toBeNull()
    expect(form.values.status).toBe('draft')
    expect(form.problem.value?.message).toBe('Not you.')
  })
})
