import { readFileSync, readdirSync } from 'node:fs'
import { join } from 'node:path'
import { expect, it } from 'vitest'
import { clauseColours, colours } from './theme'

const tokens = readFileSync('app/shared/tokens.css', 'utf8')

/** The styles of the bench, by file. */
const styles = readdirSync('app', { recursive: true, encoding: 'utf8' })
  .filter((file) => /\.(?:vue|css)$/.test(file) && !file.endsWith('tokens.css'))
  .map((file) => {
    const text = readFileSync(join('app', file), 'utf8')
    return {
      file,
      css: file.endsWith('.css')
        ? text
        : Array.from(text.matchAll(/<style[^>]*>(.*?)<\/style>/gs), ([, css]) => css).join('\n'),
    }
  })

it('every colour and size of type in the bench is one of those that have a name', () => {
  const bare = /#[\da-f]{3,8}\b|\b(?:rgba?|hsla?|oklch)\((?!var\()|font-size:\s*[\d.]+(?:px|rem)/gi
  const found = styles.flatMap(({ file, css }) =>
    Array.from(css.matchAll(bare), ([one]) => `${file}: ${one}`),
  )
  expect(styles.length).toBeGreaterThan(80)
  expect(found).toEqual([])
})

it('every name that is used is there, and every one that is there is used', () => {
  const named = new Set(Array.from(tokens.matchAll(/^\s+(--[a-z-]+):/gm), ([, name]) => name))
  const used = new Set(
    styles.flatMap(({ css }) => Array.from(css.matchAll(/var\((--[a-z-]+)/g), ([, name]) => name)),
  )
  const own = new Set(
    styles.flatMap(({ css }) => Array.from(css.matchAll(/(--[a-z-]+):/g), ([, name]) => name)),
  )
  const known = (name: string | undefined) => name?.startsWith('--v-') || own.has(name) || named.has(name)
  expect([...used].filter((name) => !known(name))).toEqual([])
  expect([...named].filter((name) => !used.has(name) && name !== '--clause')).toEqual([])
})

it('every colour that a name stands for is one of the theme', () => {
  const themed = new Set([...Object.keys(colours), ...Object.keys(clauseColours), 'surface', 'background'])
  const asked = Array.from(tokens.matchAll(/var\(--v-theme-([a-z-]+)\)/g), ([, name]) => name)
  expect(asked.filter((name) => name === undefined || !themed.has(name))).toEqual([])
})
