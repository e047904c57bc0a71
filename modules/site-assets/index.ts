import { rm } from 'node:fs/promises'
import { basename, join } from 'node:path'
import { defineNuxtModule } from '@nuxt/kit'
import { build } from 'esbuild'
import { shippedFonts } from '../../core/looks/fonts/site-fonts'
import { latinFile, shippedFontsIn } from './shipped-fonts'

/**
 * Bundles what public pages load: one style sheet with the site's fonts, one small script. Their
 * hashed addresses are handed to the server as `#bushel/site-assets`.
 */
export default defineNuxtModule({
  meta: { name: 'site-assets' },
  async setup(_, nuxt) {
    const folder = join(nuxt.options.rootDir, '.site')
    const assets = await bundleAssets(nuxt.options.rootDir, folder)
    nuxt.hook('nitro:config', (nitro) => {
      nitro.virtual = {
        ...nitro.virtual,
        '#bushel/site-assets': `export const assets = ${JSON.stringify(assets)}`,
      }
      nitro.publicAssets = [
        ...(nitro.publicAssets ?? []),
        { dir: folder, baseURL: '/_site', maxAge: 31_536_000, fallthrough: false },
      ]
    })
    // The types of the server's routes reach the bench's project too, and with them this module.
    nuxt.hook('prepare:types', ({ references }) => {
      references.push({ path: join(nuxt.options.rootDir, 'server/render/site-assets.d.ts') })
    })
    nuxt.options.watch.push(
      join(nuxt.options.rootDir, 'site/styles'),
      join(nuxt.options.rootDir, 'site/enhance'),
    )
  },
})

interface Assets {
  readonly stylesheet: string
  readonly script: string
  /** What a page loads in its head before a script measures it. */
  readonly fontsFirst: string
  /** By the name of a font, the file of its Latin letters. */
  readonly fontFiles: Readonly<Record<string, string>>
}

async function bundleAssets(root: string, folder: string): Promise<Assets> {
  await rm(folder, { recursive: true, force: true })
  const { metafile } = await build({
    entryPoints: {
      site: join(root, 'site/styles/index.css'),
      enhance: join(root, 'site/enhance/index.ts'),
      'fonts-first': join(root, 'site/enhance/fonts-first.ts'),
    },
    outdir: folder,
    entryNames: '[name]-[hash]',
    assetNames: '[name]-[hash]',
    bundle: true,
    minify: true,
    metafile: true,
    format: 'esm',
    target: ['chrome120', 'firefox120', 'safari17'],
    loader: { '.woff2': 'file' },
    plugins: [shippedFontsIn(root)],
    logLevel: 'warning',
  })
  const named = (start: string, end: string) => {
    const path = Object.keys(metafile.outputs).find(
      (one) => basename(one).startsWith(start) && one.endsWith(end),
    )
    if (path === undefined) throw new Error(`Bundling left out ${start}${end}.`)
    return `/_site/${basename(path)}`
  }
  return {
    stylesheet: named('site-', '.css'),
    script: named('enhance-', '.js'),
    fontsFirst: named('fonts-first-', '.js'),
    fontFiles: Object.fromEntries(
      shippedFonts.map(({ name }) => [name, named(`${latinFile(name)}-`, '.woff2')]),
    ),
  }
}
