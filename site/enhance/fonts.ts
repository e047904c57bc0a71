/** How long fonts are waited for, in milliseconds: as long as `font-display: optional` lets them come. */
const longest = 100

/**
 * Runs something once the fonts that are on their way are there, at once where none is. What comes
 * after the limit is for the next page, as the styles have it.
 */
export function onceFontsAreThere(run: () => void): void {
  const loading = [...document.fonts].filter((face) => face.status === 'loading')
  if (loading.length === 0) return run()
  const limit = new Promise((resolve) => setTimeout(resolve, longest))
  void Promise.race([Promise.allSettled(loading.map((face) => face.loaded)), limit]).then(run)
}
