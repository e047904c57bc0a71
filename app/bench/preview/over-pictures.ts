import type { OverPicture } from '~~/core/checks/define'
import { worstShades } from '~~/core/looks/shades'
import { shadesWithin } from '../../shared/looks/picture-shades'
import type { PicturePart } from '../../shared/looks/picture-shades'

/** So many cards of a listing are looked at. */
const mostCards = 8

type OverPictures = Readonly<Record<string, Readonly<Record<string, OverPicture>>>>

/**
 * By placement and part: what pictures have below what lies over them, and where on its ground that lies. Pictures
 * that are not there yet are left out.
 */
export function overPicturesOn(page: Document): OverPictures {
  const placements = Array.from(page.querySelectorAll<HTMLElement>('[data-placement]:has(.card-over)'))
  return Object.fromEntries(
    placements.map((placement) => {
      const grounds = Array.from(placement.querySelectorAll<HTMLElement>('.card-over')).slice(0, mostCards)
      return [placement.dataset.placement ?? '', worstOfEach(grounds.flatMap(measuredOn))] as const
    }),
  )
}

type Measured = readonly [part: string, OverPicture]

/** Each part that lies on a ground over a picture. */
function measuredOn(ground: HTMLElement): readonly Measured[] {
  const image = ground.parentElement?.querySelector<HTMLImageElement>('[data-part="picture"] img')
  if (!image?.complete || image.naturalWidth === 0) return []
  const whole = ground.getBoundingClientRect()
  return Array.from(ground.querySelectorAll<HTMLElement>('.part[data-part]'), (part): Measured => {
    const own = part.getBoundingClientRect()
    return [
      part.dataset.part ?? '',
      {
        ...shadesWithin(image, partBelow(image, own)),
        across: [shareOf(own.left, whole.left, whole.width), shareOf(own.right, whole.left, whole.width)],
        down: [shareOf(own.top, whole.top, whole.height), shareOf(own.bottom, whole.top, whole.height)],
      },
    ]
  })
}

function shareOf(place: number, from: number, length: number): number {
  return length === 0 ? 0 : Math.min(Math.max((place - from) / length, 0), 1)
}

/** What of a picture that fills its box is below a part of that (CSS Images 3, 5.5: `cover`). */
function partBelow(image: HTMLImageElement, own: DOMRect): PicturePart {
  const box = image.getBoundingClientRect()
  const { naturalWidth, naturalHeight } = image
  const scale = Math.max(box.width / naturalWidth, box.height / naturalHeight)
  const [x = '50%', y = '50%'] = getComputedStyle(image).objectPosition.split(' ')
  const hidden = (length: number, shown: number, position: string) =>
    (length - shown / scale) * (position.endsWith('%') ? Number.parseFloat(position) / 100 : 0.5)
  const left = hidden(naturalWidth, box.width, x) + (own.left - box.left) / scale
  const top = hidden(naturalHeight, box.height, y) + (own.top - box.top) / scale
  return {
    x: Math.max(left, 0),
    y: Math.max(top, 0),
    width: Math.min(own.width / scale, naturalWidth),
    height: Math.min(own.height / scale, naturalHeight),
  }
}

/** What is the worst of a part on all cards. */
function worstOfEach(all: readonly Measured[]): Readonly<Record<string, OverPicture>> {
  return Object.fromEntries(
    [...new Set(all.map(([part]) => part))].map((part) => {
      const each = all.filter(([one]) => one === part).map(([, measured]) => measured)
      const across = ends(each.map((one) => one.across))
      return [part, { ...worstShades(each), across, down: ends(each.map((one) => one.down)) }]
    }),
  )
}

function ends(all: readonly (readonly [number, number])[]): readonly [number, number] {
  return [Math.min(...all.map(([from]) => from)), Math.max(...all.map(([, to]) => to))]
}
