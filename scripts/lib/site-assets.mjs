import { register } from 'node:module'

/** Scripts that run beside a build have no files of pages: what the server asks of those is answered as in tests. */
register('./site-assets-hook.mjs', import.meta.url)
