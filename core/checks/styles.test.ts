import { describe, expect, it } from 'vitest'
import { fittings, newFitting } from '../fittings'
import type { FittingChoice } from '../fittings'
import { fittingTargets } from '../fittings/look'
import { defaultValues } from '../looks/site-values'
import type { StyleValues } from '../looks/properties'
import type { Styles } from '../looks/styles'
import type { Finding } from './define'
import { findingsOf } from './index'

const box = newFitting('search')

const set = (target: string, values: StyleValues): Styles[number] => ({
  target,
  state: null,
  below: null,
  set: values,
})

function found(styles: Styles, fitting: FittingChoice = box): readonly Finding[] {
  const page = { listings: [], letters: null, placeholder: 'sprig', values: defaultValues } as const
  return findingsOf(page, [{ placement: 'one', fitting, styles }])
}

/** The styles once each finding is mended by the first way that there is. */
function mended(styles: Styles): Styles {
  return found(styles).reduce((before, { restyles }) => restyles?.[0]?.restyle(before) ?? before, styles)
}

describe('the look of a fitting', () => {
  it('is told of letters that are too small, and gets the least that can be read', () => {
    const small = [set('search-field', { letterSize: '9px' })]
    const [finding, ...more] = found(small)
    expect(finding).toMatchObject({
      check: 'small-letters',
      placement: 'one',
      text: 'Field has letters of 9 px: 12 is the least that all can read.',
      mends: [],
    })
    expect(more).toEqual([])
    expect(mended(small)).toEqual([set('search-field', { letterSize: '12px' })])
    expect(found([set('search-field', { letterSize: '12px' })])).toEqual([])
  })

  it('is told of what is too small to be pressed, and nothing of what is not pressed', () => {
    const small = { 'most-width': '20px', 'most-height': '10px' } as const
    expect(found([set('search-button', small)]).map(({ text }) => text)).toEqual([
      'Button is 20 px wide at most: 24 is the least that a finger hits.',
      'Button is 10 px high at most: 24 is the least that a finger hits.',
    ])
    expect(found(mended([set('search-button', small)]))).toEqual([])
    expect(found([set('search-field', small)])).toEqual([])
  })

  it('is told of what nothing comes of, which is put back', () => {
    const colours = [
      { colour: 'paper', at: 0 },
      { colour: 'line', at: 100 },
    ] as const
    const covered = [set('search-button', { ground: '#ffffff', gradient: { angle: 0, colours } })]
    expect(found(covered).map(({ text }) => text)).toEqual([
      'The ground of button is not seen: its gradient covers it.',
    ])
    expect(mended(covered)).toEqual([set('search-button', { gradient: { angle: 0, colours } })])
    const strange = [set('title', { weight: 700 })]
    expect(found(strange).map(({ text }) => text)).toEqual(['Something is set of title, which it has not.'])
    expect(mended(strange)).toEqual([])
    expect(found([set('nobody-knows', { weight: 700 })]).map(({ text }) => text)).toEqual([
      'Something is set of what it has not.',
    ])
  })

  it('is told of nothing as long as nothing is set, whatever the fitting', () => {
    for (const { name } of fittings.all) {
      const fitting = newFitting(name)
      expect(found([], fitting), name).toEqual([])
      const bold = fittingTargets(fitting).map((target) => set(target.name, { weight: 700 }))
      expect(found(bold, fitting), name).toEqual([])
    }
  })
})
