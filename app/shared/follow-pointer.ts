/**
 * Follows a pointer that was put down until it is let go. What holds it hears of it wherever it goes, and
 * stays even where what was pressed goes meanwhile.
 */
export function followPointer(
  held: HTMLElement,
  { pointerId }: PointerEvent,
  moved: (event: PointerEvent) => void,
): void {
  held.setPointerCapture(pointerId)
  const following = new AbortController()
  const until = { signal: following.signal }
  held.addEventListener('pointermove', moved, until)
  for (const end of ['pointerup', 'pointercancel'] as const)
    held.addEventListener(end, () => following.abort(), until)
}
