import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { fieldNamed, trialWords } from '~~/tests/support/trial-fields'
import type { ControlSite } from './define'
import { newValuesControl, optionsOf, pressedAmong, valueChoosings, valuesControl } from './values'
import type { ValuesControl } from './values'

const site: ControlSite = { facets: [], terms: [], authors: [], words: trialWords }
const kind = newValuesControl(fieldNamed('kind').id)
const several: ValuesControl = { ...kind, choose: 'any' }
const read = (text: string, control = several) => valuesControl.read(control, text, site)

describe('choices of a field that visitors narrow by', () => {
  it('are those of a choice, and yes and no in its own words; none of what listings may not narrow by', () => {
    expect(optionsOf(fieldNamed('kind')).map(({ title }) => title)).toEqual(['Clay', 'Loam', 'Sand'])
    expect(optionsOf(fieldNamed('ready')).map(({ key }) => key)).toEqual(['yes', 'no'])
    expect(optionsOf({ ...fieldNamed('kind'), filterable: false })).toEqual([])
    expect(optionsOf(fieldNamed('count'))).toEqual([])
    expect(valuesControl.parameter(newValuesControl(fieldNamed('count').id), site)).toBeNull()
    expect(valuesControl.parameter(kind, site)).toBe('kind')
  })

  it('are read in the order of the field, one where one is chosen, and what is none is told', () => {
    expect(read('sand,clay,sand')).toEqual({ choice: ['clay', 'sand'], unknown: [] })
    expect(read('sand,clay', kind)).toEqual({ choice: ['clay'], unknown: [] })
    expect(read('mud,loam')).toEqual({ choice: ['loam'], unknown: ['mud'] })
    expect(read('')).toEqual({ choice: null, unknown: [] })
  })

  it('ask as a rule of the field does', () => {
    expect(valuesControl.asks?.(several, ['clay', 'sand'], { ...site, collections: [1] })).toEqual({
      rule: 'field',
      field: kind.field,
      asked: { is: 'any', values: ['clay', 'sand'] },
    })
  })

  it('are taken back one by one, in their own words', () => {
    expect(valuesControl.told(several, ['clay', 'sand'], trialWords)).toEqual([
      { title: 'Clay', without: ['sand'] },
      { title: 'Sand', without: ['clay'] },
    ])
    expect(valuesControl.told(several, ['clay'], trialWords)).toEqual([{ title: 'Clay', without: null }])
  })

  it('come and go by presses, at addresses that bring them back', () => {
    const options = optionsOf(fieldNamed('kind'))
    const keys = fc.constantFrom(...options.map(({ key }) => key))
    fc.assert(
      fc.property(fc.constantFrom(...valueChoosings), fc.array(keys, { maxLength: 8 }), (choose, presses) => {
        const control = { ...kind, choose }
        let choice: readonly string[] | null = null
        for (const key of presses) {
          const before: readonly string[] = choice ?? []
          choice = pressedAmong(
            control,
            options.map((one) => one.key),
            before,
            key,
          )
          expect(choice?.includes(key) ?? false).toBe(!before.includes(key))
          if (choose === 'one') expect(choice?.length ?? 0).toBeLessThanOrEqual(1)
          const text = choice === null ? '' : valuesControl.write(control, choice, site)
          expect(read(text, control)).toEqual({ choice, unknown: [] })
        }
      }),
    )
  })
})
