import { join } from 'node:path'
import { defineNuxtModule } from '@nuxt/kit'
import { build } from 'esbuild'

/** Bundles the program that works on pictures and puts it beside the server, which starts it. */
export default defineNuxtModule({
  meta: { name: 'picture-worker' },
  setup(_, nuxt) {
    nuxt.hook('nitro:init', (nitro) => {
      nitro.hooks.hook('compiled', async () => {
        if (nitro.options.dev) return
        await build({
          entryPoints: [join(nuxt.options.rootDir, 'server/media/picture-worker.ts')],
          outfile: join(nitro.options.output.serverDir, 'picture-worker.mjs'),
          bundle: true,
          platform: 'node',
          format: 'esm',
          target: 'node20',
          external: ['sharp'],
          // Packages in the older form ask for others while they run.
          banner: {
            js: "import { createRequire } from 'node:module'; const require = createRequire(import.meta.url);",
          },
          logLevel: 'warning',
        })
      })
    })
  },
})
