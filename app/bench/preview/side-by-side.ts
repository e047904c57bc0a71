/** Space around pages and between them, in CSS pixels. */
export const margin = 20
const leastScale = 0.2

/** A page as it is drawn in a room: its size before it is shrunk, by how much, and how far in it lies. */
export interface FramedPage {
  readonly width: number
  readonly height: number
  readonly scale: number
  readonly left: number
}

/**
 * Pages of these widths beside each other in a room, all in CSS pixels. Together wider than the room,
 * they are shown smaller, never cut, down to a fifth.
 */
export function sideBySide(
  widths: readonly number[],
  room: { readonly width: number; readonly height: number },
): readonly FramedPage[] {
  const wanted = widths.reduce((sum, width) => sum + width, 0)
  const scale = Math.min(1, Math.max(leastScale, (room.width - (widths.length + 1) * margin) / wanted))
  const all = wanted * scale + (widths.length - 1) * margin
  const start = Math.max(margin, (room.width - all) / 2)
  return widths.map((width, at) => ({
    width,
    height: room.height / scale,
    scale,
    left: start + widths.slice(0, at).reduce((sum, before) => sum + before * scale + margin, 0),
  }))
}
