/** How high the frames of pasted code said they are, in CSS pixels, by what stands in them. */
const heights = new Map<string, number>()
const highest = 20_000
/** By how much each grew last, and how often by that in a row. */
const growth = new Map<string, { readonly by: number; readonly times: number }>()
/** What grows so often by the same has its height from the frame, and would grow for ever. */
const mostGrowth = 4

/** Makes frames of pasted code as high as what stands in them, whenever that says so. */
export function fitCodeFrames(): void {
  addEventListener('message', ({ source, data }) => {
    const height = heightIn(data)
    const frame = frames().find((one) => one.contentWindow === source)
    if (height === null || frame === undefined || growsForEver(frame, height)) return
    heights.set(frame.src, height)
    fit(frame)
  })
  document.addEventListener('bushel:changed', () => frames().forEach(fit))
}

function growsForEver({ src }: HTMLIFrameElement, height: number): boolean {
  const by = height - (heights.get(src) ?? 0)
  const last = growth.get(src)
  const times = by > 0 && last?.by === by ? last.times + 1 : 0
  growth.set(src, { by, times })
  return times >= mostGrowth
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
