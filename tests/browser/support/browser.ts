import { mkdtemp, rm } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { launch } from 'puppeteer-core'
import type { Browser } from 'puppeteer-core'

const flags = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
  // Tests look at several pages in turn; those behind must go on as if they were seen.
  '--disable-background-timer-throttling',
  '--disable-backgrounding-occluded-windows',
  '--disable-renderer-backgrounding',
  '--hide-scrollbars',
  // What moves is tried where it is the matter; all else need not wait for it.
  '--force-prefers-reduced-motion',
  '--font-render-hinting=none',
  '--lang=en-GB',
]

/**
 * Debian's Chromium without a window, with a profile of its own: the build that has no windows at all,
 * since the other spends a third of the machine on drawing the one that nobody sees.
 */
export async function startBrowser(): Promise<{
  readonly browser: Browser
  readonly stop: () => Promise<void>
}> {
  const profile = await mkdtemp(join(tmpdir(), 'bushel-browser-'))
  const browser = await launch({
    executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium-headless-shell',
    headless: 'shell',
    args: flags,
    userDataDir: profile,
    defaultViewport: { width: 1280, height: 800 },
  })
  return {
    browser,
    async stop() {
      await browser.close()
      await rm(profile, { recursive: true, force: true, maxRetries: 5 })
    },
  }
}
