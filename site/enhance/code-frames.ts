/** How high the frames of pasted code said they are, in CSS pixels, by what stands in them. */
const heights = new Map<string, number>()
const highest = 20_000

/** Makes frames of pasted code as high as what stands in them, whenever that says so. */
export function fitCodeFrames(): void {
  addEventListener('message', ({ source, data }) => {
    const height = heightIn(data)
    const frame = frames().find((one) => one.contentWindow === source)
    if (height === null || frame === undefined) return
    heights.set(frame.src, height)
    fit(frame)
  })
  document.addEventListener('bushel:changed', () => frames().forEach(fit))
}

function frames(): readonly HTMLIFrameElement[] {
  return Array.from(document.querySelectorAll<HTMLIFrameElement>('iframe[data-code]'))
}

function fit(frame: HTMLIFrameElement): void {
  const height = heights.get(frame.src)
  if (height !== undefined) frame.style.height = `${height}px`
}

function heightIn(data: unknown): number | null {
  const height: unknown = typeof data === 'object' && data !== null ? Reflect.get(data, 'bushelHeight') : null
  return typeof height === 'number' && height >= 0 ? Math.min(height, highest) : null
}
