import type { Length } from './properties/values'
import type { ScaleStep } from './tokens/site-tokens'

/** The scales that a site has: what each is of. */
export const scales = ['letterSizes', 'spaces'] as const
export type Scale = (typeof scales)[number]
export type Scales = Readonly<Record<Scale, readonly ScaleStep[]>>

const px = (name: string, value: number): ScaleStep => ({ name, value, unit: 'px' })

/** The steps that every site has, as they are to begin with, from the smallest. */
export const siteScales: Scales = {
  letterSizes: [
    px('note', 13),
    px('text', 16),
    px('lead', 19),
    px('title', 24),
    px('large', 32),
    px('grand', 44),
  ],
  spaces: [px('hair', 4), px('small', 8), px('medium', 16), px('wide', 28), px('broad', 48), px('vast', 80)],
}

const ofScale: Readonly<Record<Scale, string>> = { letterSizes: 'letters', spaces: 'space' }

/** The custom property that a step is in style sheets. */
export function stepProperty(scale: Scale, name: string): string {
  return `--${ofScale[scale]}-of-site-${name}`
}

/** How long a step is; null for one that the scale has not. */
export function stepLength(steps: readonly ScaleStep[], name: string): Length | null {
  const step = steps.find((one) => one.name === name)
  return step === undefined ? null : `${step.value}${step.unit}`
}
