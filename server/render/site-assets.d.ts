/** Made by modules/site-assets.ts: the hashed addresses of what public pages load. */
declare module '#bushel/site-assets' {
  export const assets: {
    readonly stylesheet: string
    readonly script: string
    readonly fontsFirst: string
    readonly fonts: readonly string[]
  }
}
