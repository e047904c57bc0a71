/** Made by modules/site-assets: the hashed addresses of what public pages load. */
declare module '#bushel/site-assets' {
  export const assets: {
    readonly stylesheet: string
    readonly script: string
    readonly fontsFirst: string
    readonly fontFiles: Readonly<Record<string, string>>
  }
}
