import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { fieldNamed, trialWords } from '~~/tests/support/trial-fields'
import { dateSpans, datesControl, dateTitle, hasDates, newDatesControl, spanRules } from './dates'
import type { ControlSite } from './define'

const site: ControlSite = { facets: [], terms: [], authors: [], words: trialWords }
const published = { ...newDatesControl('published'), spans: dateSpans }
const read = (text: string) => datesControl.read(published, text, site)

describe('dates that visitors narrow by', () => {
  it.each([
    ['this-week', { span: 'this-week' }],
    ['2026-03-01..2026-03-31', { from: '2026-03-01', to: '2026-03-31' }],
    ['2026-03', { month: '2026-03' }],
    ['2026-03-01..', { from: '2026-03-01', to: null }],
    ['..2026-03-01', { from: null, to: '2026-03-01' }],
    ['2026-03-31..2026-03-01', { from: '2026-03-01', to: '2026-03-31' }],
  ])('are read from an address: %s', (text, choice) => {
    expect(read(text)).toEqual({ choice, unknown: [] })
    expect(datesControl.write(published, choice as never, site)).toBe(
      text === '2026-03-31..2026-03-01' ? '2026-03-01..2026-03-31' : text,
    )
  })

  it.each([
    'last-week',
    '2026-03-01',
    '2026-02-30..',
    'a..b',
    '2026-01-01..2026-01-02..',
    '2026-1-1..',
    '2026-13',
    '2026-3',
    '0000-01',
  ])('are not “%s”, which is told', (text) => expect(read(text)).toEqual({ choice: null, unknown: [text] }))

  it('are nothing where nothing is typed, nor what is not offered', () => {
    expect(read('..')).toEqual({ choice: null, unknown: [] })
    const few = { ...published, spans: ['today' as const] }
    expect(datesControl.read(few, 'this-week', site)).toEqual({ choice: null, unknown: ['this-week'] })
  })

  it('ask as rules do, of what they are a date of', () => {
    const at = { ...site, collections: [1] }
    const window = { is: 'this', unit: 'week' }
    const choice = { span: 'this-week' } as const
    expect(datesControl.asks?.(published, choice, at)).toEqual({ rule: 'date', window })
    expect(datesControl.asks?.(newDatesControl('when'), choice, at)).toEqual({
      rule: 'when',
      asked: { is: 'within', window },
    })
    const day = newDatesControl(fieldNamed('day').id)
    expect(datesControl.asks?.(day, choice, at)).toEqual({
      rule: 'field',
      field: day.of,
      asked: { is: 'within', window },
    })
    expect(spanRules({ ...published, spans: ['past'] })).toEqual([{ rule: 'date', window: { is: 'past' } }])
    expect(spanRules({ ...published, layout: 'fields' })).toEqual([])
  })

  it('are of days and instants that listings may narrow by', () => {
    const names = ['day', 'moment', 'count', 'kind']
    expect(names.map((name) => hasDates({ ...fieldNamed(name), filterable: true }))).toEqual([
      true,
      true,
      false,
      false,
    ])
    expect(hasDates({ ...fieldNamed('day'), filterable: false })).toBe(false)
    expect(datesControl.parameter(newDatesControl(fieldNamed('count').id), site)).toBeNull()
    expect(datesControl.parameter(newDatesControl(fieldNamed('day').id), site)).toBe('day')
    expect(datesControl.parameter(newDatesControl('when'), site)).toBe('when')
  })

  it('are whole months, of as many days as they have', () => {
    const months = ['2026-02', '2028-02', '1900-02', '2026-12', '0001-01']
    const days = months.map((month) => {
      const asked = datesControl.asks?.(published, { month }, { ...site, collections: [1] })
      return asked !== undefined && 'rule' in asked && asked.rule === 'date' ? asked.window : null
    })
    expect(days).toEqual([
      { is: 'between', from: '2026-02-01', to: '2026-02-28' },
      { is: 'between', from: '2028-02-01', to: '2028-02-29' },
      { is: 'between', from: '1900-02-01', to: '1900-02-28' },
      { is: 'between', from: '2026-12-01', to: '2026-12-31' },
      { is: 'between', from: '0001-01-01', to: '0001-01-31' },
    ])
    expect(dateTitle({ month: '2026-03' }, trialWords)).toBe('March 2026')
    expect(dateTitle({ month: '2026-03' }, { locale: 'de' })).toBe('März 2026')
  })

  it('are told in words', () => {
    expect(dateTitle({ span: 'this-month' }, trialWords)).toBe('This month')
    expect(dateTitle({ from: '2026-03-01', to: null }, trialWords)).toBe('From 1 March 2026 on')
  })

  it('are written as they are read, whatever the days', () => {
    const day = fc
      .integer({ min: 0, max: 60_000 })
      .map((days) => new Date(days * 86_400_000).toISOString().slice(0, 10))
    fc.assert(
      fc.property(fc.option(day), fc.option(day), (one, other) => {
        fc.pre(one !== null || other !== null)
        const [from, to] = one !== null && other !== null && one > other ? [other, one] : [one, other]
        expect(read(datesControl.write(published, { from, to }, site)).choice).toEqual({ from, to })
      }),
    )
  })
})
