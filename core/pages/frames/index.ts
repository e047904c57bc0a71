import { registryOf } from '../../registry'
import type { Area } from './define'
import { front } from './front'
import { mainSide } from './main-side'
import { oneColumn } from './one-column'
import { sideMain } from './side-main'
import { threeColumns } from './three-columns'
import { wide } from './wide'

export type { Area, Box } from './define'
export { boxWidthOn, boxWidthsOn, widestOf } from './define'

/** Every frame. A new one is a file beside these, its styles in site/styles/frames and a line here. */
export const frames = registryOf('frame', [oneColumn, mainSide, sideMain, threeColumns, front, wide])
export type FrameName = (typeof frames.all)[number]['name']
export type AreaName = (typeof frames.all)[number]['areas'][number]['name']

/** The names of the areas of all frames, each once. */
export const areaNames: readonly AreaName[] = [
  ...new Set(frames.all.flatMap((frame) => frame.areas.map((area) => area.name))),
]

/** The area of that name, or undefined when the frame has none. */
export function areaOf(frame: FrameName, area: string): Area | undefined {
  return frames.get(frame).areas.find((one) => one.name === area)
}
