import { describe, expect, it } from 'vitest'
import { colourText, readColour } from './colour'
import { gradientColours } from './gradient-colours'

const stops = (...all: readonly (readonly [string, number])[]) =>
  all.flatMap(([text, at]) => {
    const colour = readColour(text)
    return colour === null ? [] : [{ colour, at }]
  })
const whole = { across: [0, 1], down: [0, 1] } as const
const texts = (...asked: Parameters<typeof gradientColours>) => gradientColours(...asked).map(colourText)

describe('the colours of a gradient in a part of its box', () => {
  it('are its ends in all of it, whichever way it goes', () => {
    for (const angle of [0, 45, 90, 180, 270, 360])
      expect(texts(angle, stops(['#000000', 0], ['#ffffff', 100]), whole)).toEqual(['#000000', '#ffffff'])
  })

  it('are those that the part has: upwards, to the right, and between two colours', () => {
    const greys = stops(['#000000', 0], ['#ffffff', 100])
    expect(texts(0, greys, { across: [0, 1], down: [0.6, 0.8] })).toEqual(['#333333', '#666666'])
    expect(texts(90, greys, { across: [0.2, 0.4], down: [0, 1] })).toEqual(['#333333', '#666666'])
    const through = stops(['#000000', 0], ['#ff0000', 50], ['#000000', 100])
    expect(texts(180, through, { across: [0, 1], down: [0.25, 0.75] })).toEqual([
      '#800000',
      '#ff0000',
      '#800000',
    ])
  })

  it('lie where an earlier one does that is said to lie behind them', () => {
    const back = stops(['#000000', 50], ['#ffffff', 20])
    expect(texts(180, back, { across: [0, 1], down: [0.3, 0.4] })).toEqual(['#000000', '#000000'])
    expect(texts(180, back, { across: [0, 1], down: [0.6, 0.9] })).toEqual(['#ffffff', '#ffffff'])
  })

  it('go on as they end, and fade without turning grey (CSS Images 3, 3.4.2: premultiplied)', () => {
    const late = stops(['#ff0000', 40], ['#0000ff', 60])
    expect(texts(180, late, { across: [0, 1], down: [0, 0.2] })).toEqual(['#ff0000', '#ff0000'])
    const fading = stops(['#ff0000', 0], ['#00000000', 100])
    expect(texts(180, fading, { across: [0, 1], down: [0.4, 0.4] })).toEqual(['#ff000099', '#ff000099'])
  })
})
