import { readFileSync } from 'node:fs'
import { expect, it } from 'vitest'
import { usualColours, usualOverPictures } from '../../core/cards/usual-colours'

const css = ['text', 'facts'].map((name) =>
  readFileSync(new URL(`parts/${name}.css`, import.meta.url), 'utf8'),
)

it.each(Object.entries(usualColours))(
  'writes %s in the colour that checks take it to have',
  (found, colour) => {
    const rules = css.flatMap((text) =>
      Array.from(text.matchAll(/^(\.[\w-]+) \{([^}]*)\}/gm), ([, selector, body = '']) => ({
        selector,
        body,
      })),
    )
    const stated = rules
      .filter(({ selector }) => selector === found)
      .flatMap(({ body }) => /(?:^|\s)color: var\(--([a-z]+)\)/.exec(body)?.[1] ?? [])
    expect(stated).toEqual(colour === null ? [] : [colour])
  },
)

it('writes over pictures in the colour, on the veil, that checks take it to have', () => {
  const card = readFileSync(new URL('card.css', import.meta.url), 'utf8')
  const rule = /^\.card-over \{([^}]*)\}/m.exec(card)?.[1] ?? ''
  const { colour, veil } = usualOverPictures
  expect(/(?:^|\s)color: ([^;]+)/.exec(rule)?.[1]).toBe('#fff')
  expect(colour).toBe('#ffffff')
  const stops = veil.colours.map(({ colour: hex, at }) => {
    const [red, green, blue, alpha] = [1, 3, 5, 7].map((from) => parseInt(hex.slice(from, from + 2), 16))
    const share = Math.round(((alpha ?? 0) / 255) * 100)
    return share === 0
      ? 'transparent'
      : `rgb(${red} ${green} ${blue} / ${share}%)${at === 0 ? '' : ` ${at}%`}`
  })
  expect(rule).toContain(`linear-gradient(to top, ${stops.join(', ')})`)
})
