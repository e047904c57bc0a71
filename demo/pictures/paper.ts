import type { Random } from '../../core/random'
import type { Palette } from './palettes'

/** What a motif draws with: the size of the sheet in its own units, the papers, and its chance. */
export interface Sheet {
  readonly width: number
  readonly height: number
  readonly palette: Palette
  readonly random: Random
}

/** Draws a motif as SVG elements over the ground paper. */
export type Motif = (sheet: Sheet) => string

/** A number between two limits. */
export function between(random: Random, low: number, high: number): number {
  return low + (high - low) * random()
}

/** One of the papers. */
export function oneOf<T>(random: Random, list: readonly [T, ...T[]]): T {
  return list[Math.floor(random() * list.length)] ?? list[0]
}

export function disc(x: number, y: number, radius: number, fill: string): string {
  return `<circle cx="${n(x)}" cy="${n(y)}" r="${n(radius)}" fill="${fill}"/>`
}

export function sheetOf(
  x: number,
  y: number,
  width: number,
  height: number,
  fill: string,
  corner = 0,
): string {
  return `<rect x="${n(x)}" y="${n(y)}" width="${n(width)}" height="${n(height)}" rx="${n(corner)}" fill="${fill}"/>`
}

export function shape(path: string, fill: string): string {
  return `<path d="${path}" fill="${fill}"/>`
}

export function line(path: string, stroke: string, width: number): string {
  return `<path d="${path}" fill="none" stroke="${stroke}" stroke-width="${n(width)}" stroke-linecap="round" stroke-linejoin="round"/>`
}

/** Elements moved to a place and turned by degrees about it. */
export function placed(x: number, y: number, degrees: number, elements: string): string {
  return `<g transform="translate(${n(x)} ${n(y)}) rotate(${n(degrees)})">${elements}</g>`
}

/** A leaf that grows upwards from 0,0, with its vein. */
export function leaf(length: number, width: number, fill: string, vein: string): string {
  const half = width / 2
  return (
    shape(
      `M0 0C${n(-half * 1.3)} ${n(-length * 0.3)} ${n(-half)} ${n(-length * 0.8)} 0 ${n(-length)}C${n(half)} ${n(-length * 0.8)} ${n(half * 1.3)} ${n(-length * 0.3)} 0 0Z`,
      fill,
    ) + line(`M0 0V${n(-length * 0.8)}`, vein, length * 0.02)
  )
}

/** A band of paper across the sheet with a wavy upper edge, down to the bottom. */
export function wave(sheet: Sheet, y: number, swing: number, fill: string): string {
  const { width, height, random } = sheet
  const left = y + between(random, -swing, swing)
  const right = y + between(random, -swing, swing)
  const dip = between(random, 0.25, 0.45)
  return shape(
    `M0 ${n(left)}C${n(width * dip)} ${n(y - swing * 1.6)} ${n(width * (dip + 0.3))} ${n(y + swing * 1.8)} ${width} ${n(right)}V${height}H0Z`,
    fill,
  )
}

export function times(count: number, draw: (at: number) => string): string {
  return Array.from({ length: Math.round(count) }, (_, at) => draw(at)).join('')
}

/** A number with few enough decimals for a path. */
export function n(value: number): string {
  return String(Math.round(value * 10) / 10)
}
