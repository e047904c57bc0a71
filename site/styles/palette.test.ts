import { readFileSync } from 'node:fs'
import { expect, it } from 'vitest'
import { sitePalette } from '../../core/looks/site-palette'

it('has the colours that looks are offered', () => {
  const css = readFileSync(new URL('base.css', import.meta.url), 'utf8')
  const plain = Array.from(css.matchAll(/--([a-z]+): (#[\da-f]{6});/g), ([, name, light]) => ({
    name,
    light,
  }))
  const sets = Array.from(
    css.matchAll(/--([a-z]+): light-dark\((#[\da-f]{6}), (#[\da-f]{6})\);/g),
    ([, name, light, dark]) => ({ name, light, dark }),
  )
  expect(plain).toEqual(sitePalette.map(({ name, light }) => ({ name, light })))
  expect(sets).toEqual(sitePalette)
})
