const assets = new URL('../../tests/support/site-assets.ts', import.meta.url).href

/** @type {import('node:module').ResolveHook} */
export const resolve = (specifier, context, next) =>
  next(specifier === '#bushel/site-assets' ? assets : specifier, context)
