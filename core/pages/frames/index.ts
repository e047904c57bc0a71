import { registryOf } from '../../registry'
import type { Area } from './define'
import { mainSide } from './main-side'

export type { Area } from './define'
export { areaWidthAt, widestOf } from './define'

/** Every frame. A new one is a file beside these, its styles in site/styles and a line here. */
export const frames = registryOf('frame', [mainSide])
export type FrameName = (typeof frames.all)[number]['name']
export type AreaName = (typeof frames.all)[number]['areas'][number]['name']

/** The area of that name, or undefined when the frame has none. */
export function areaOf(frame: FrameName, area: string): Area | undefined {
  return frames.get(frame).areas.find((one) => one.name === area)
}
