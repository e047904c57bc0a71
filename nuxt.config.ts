import vue from '@vitejs/plugin-vue'
import { defineNuxtConfig } from 'nuxt/config'
import vuetify from 'vite-plugin-vuetify'
import { strictestPolicy } from './server/http/content-policy'
import { securityHeaders } from './server/http/security-headers'

/** The bench is a Nuxt application without server rendering; public pages are rendered by server/ alone. */
export default defineNuxtConfig({
  compatibilityDate: '2026-06-01',
  telemetry: false,
  ssr: false,
  devtools: { enabled: false },
  modules: ['@pinia/nuxt', '~~/modules/site-assets', '~~/modules/picture-worker'],
  imports: { autoImport: false },
  components: false,
  experimental: {
    appManifest: false,
    renderJsonPayloads: false,
    viteEnvironmentApi: true,
    // The screens that links lead to are fetched when somebody points at one, not with the first load.
    defaults: { nuxtLink: { prefetchOn: { visibility: false, interaction: true } } },
  },
  app: {
    head: {
      title: 'Bushel',
      htmlAttrs: { lang: 'en-GB' },
      link: [{ rel: 'icon', href: '/mark.svg', type: 'image/svg+xml' }],
    },
  },
  spaLoadingTemplate: false,
  build: { transpile: ['vuetify'] },
  features: { inlineStyles: false },
  vite: {
    build: {
      cssMinify: 'lightningcss',
      target: 'es2022',
      rollupOptions: {
        // Nuxt does not say that these do nothing but what is called of them.
        treeshake: { moduleSideEffects: (id) => !/\/nuxt\/dist\/app\/composables\//.test(id) },
      },
    },
    worker: { format: 'es' },
    // Found only when a screen is first opened, they would make the development server reload it.
    optimizeDeps: {
      include: [
        '@mdi/js',
        '@tiptap/starter-kit',
        '@tiptap/vue-3',
        '@vueuse/core',
        'idiomorph',
        'immer',
        'luxon',
        'vue-draggable-plus',
        'yup',
      ],
    },
  },
  hooks: {
    'vite:extendConfig'(config) {
      config.plugins?.push(vuetify({ autoImport: true }))
    },
  },
  nitro: {
    compressPublicAssets: { gzip: true, brotli: true },
    imports: false,
    routeRules: {
      '/**': {
        headers: { ...securityHeaders, 'content-security-policy': strictestPolicy },
      },
    },
    rollupConfig: { output: {}, plugins: [vue()] },
    esbuild: { options: { target: 'es2022' } },
    typescript: {
      tsConfig: {
        compilerOptions: { lib: ['ESNext', 'DOM'] },
        include: ['../untyped-packages.d.ts'],
      },
    },
  },
  typescript: {
    strict: true,
    tsConfig: { compilerOptions: { noUncheckedIndexedAccess: true } },
  },
})
