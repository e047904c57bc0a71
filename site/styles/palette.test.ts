import { readFileSync } from 'node:fs'
import { expect, it } from 'vitest'
import { sitePalette } from '../../core/looks/site-palette'
import { scales, siteScales, stepProperty } from '../../core/looks/site-scales'

const css = readFileSync(new URL('base.css', import.meta.url), 'utf8')

it('has the steps that looks are offered', () => {
  for (const scale of scales) {
    const stated = siteScales[scale].map(
      ({ name, value, unit }) => `${stepProperty(scale, name)}: ${value}${unit};`,
    )
    expect(css).toContain(stated.join('\n  '))
  }
})

it('has the colours that looks are offered', () => {
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
