import { existsSync } from 'node:fs'
import { readFile } from 'node:fs/promises'
import { join } from 'node:path'
import { fromFile } from '@capsizecss/unpack/fs'
import type { Plugin } from 'esbuild'
import { fontStack, standInFace } from '../../core/looks/fonts/faces'
import { fontProperty, shippedFonts } from '../../core/looks/fonts/site-fonts'

/** The file of a shipped font that texts in Latin letters are set in. */
export function latinFile(name: string): string {
  return `${name}-latin-wght-normal`
}

/**
 * What `@import 'bushel:fonts'` stands for in a style sheet: the faces of all shipped fonts, what stands in
 * for each, and the custom properties by which they are named.
 */
export function shippedFontsIn(root: string): Plugin {
  const packages = join(root, 'node_modules/@fontsource-variable')
  return {
    name: 'shipped-fonts',
    setup({ onResolve, onLoad }) {
      onResolve({ filter: /^bushel:fonts$/ }, ({ path }) => ({ path, namespace: 'shipped-fonts' }))
      onLoad({ filter: /.*/, namespace: 'shipped-fonts' }, async () => ({
        contents: await fontsCss(packages),
        loader: 'css',
        resolveDir: root,
      }))
      // What comes too late is for the next page, as `fontFace` has it.
      onLoad({ filter: /fontsource.*\.css$/ }, async ({ path }) => ({
        contents: (await readFile(path, 'utf8')).replaceAll('font-display: swap', 'font-display: optional'),
        loader: 'css',
      }))
    },
  }
}

async function fontsCss(packages: string): Promise<string> {
  const sheets = shippedFonts.flatMap(({ name }) =>
    ['wght.css', 'wght-italic.css']
      .filter((sheet) => existsSync(join(packages, name, sheet)))
      .map((sheet) => `@import '@fontsource-variable/${name}/${sheet}';`),
  )
  const standIns = await Promise.all(
    shippedFonts.map(async (font) =>
      standInFace(font, await fromFile(join(packages, font.name, `files/${latinFile(font.name)}.woff2`))),
    ),
  )
  const named = shippedFonts.map((font) => `${fontProperty(font.name)}:${fontStack(font)}`)
  return [...sheets, ...standIns, `:root{${named.join(';')}}`].join('\n')
}
