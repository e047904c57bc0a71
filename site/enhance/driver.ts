/**
 * Makes what it can of a shape's markup; what it begins ends with the signal. Gives back what undoes
 * all that it set, for markup that becomes another shape's.
 */
export type Driver = (element: HTMLElement, signal: AbortSignal) => () => void

/** What a driver gives back that found nothing to drive. */
export const nothingToUndo = () => undefined
