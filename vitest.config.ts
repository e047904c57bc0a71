import { fileURLToPath } from 'node:url'
import vue from '@vitejs/plugin-vue'
import { defineConfig } from 'vitest/config'

const root = fileURLToPath(new URL('.', import.meta.url))
const alias = { '~~': root.replace(/\/$/, '') }

/** Server code outside its build: what the build would hand it stands in the tests. */
const ofServer = { ...alias, '#bushel/site-assets': `${alias['~~']}/tests/support/site-assets.ts` }

/** What takes longer than this, in milliseconds, will not end: no test is to fail because a machine is slow. */
const hanging = 300_000

/** Unit tests need neither database nor browser; the other two share what their set-up starts. */
export default defineConfig({
  test: {
    projects: [
      {
        resolve: { alias },
        test: {
          name: 'unit',
          include: ['{core,site,demo,server,app}/**/*.test.ts'],
          environment: 'node',
          env: { TZ: 'UTC' },
          // Nothing of theirs stays behind, so what they share is read once.
          isolate: false,
          testTimeout: hanging,
        },
      },
      {
        // Public documents are rendered here, too.
        plugins: [vue()],
        resolve: { alias: ofServer },
        test: {
          name: 'database',
          include: ['tests/database/**/*.test.ts'],
          environment: 'node',
          fileParallelism: false,
          // What the files share is read once; each has databases of its own.
          isolate: false,
          testTimeout: hanging,
          hookTimeout: hanging,
        },
      },
      {
        resolve: { alias: ofServer },
        test: {
          name: 'browser',
          include: ['tests/browser/**/*.test.ts'],
          environment: 'node',
          // Each waits for its page half the time, which is enough for another.
          maxWorkers: 2,
          // What the files share is read once; each has an app of its own.
          isolate: false,
          // As patient as every other wait in the browser: a machine may be busy.
          expect: { poll: { timeout: 60_000 } },
          testTimeout: hanging,
          hookTimeout: hanging,
        },
      },
    ],
  },
})
