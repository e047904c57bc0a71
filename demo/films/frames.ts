import { randomFrom } from '../../core/random'
import { palettes } from '../pictures/palettes'

/** A film: how long it runs, and the picture at each moment from 0 to 1, as SVG. */
export interface Film {
  readonly seconds: number
  readonly draw: (moment: number) => string
}

const width = 640
const height = 360

function sheet(ground: string, content: string): string {
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}" viewBox="0 0 ${width} ${height}"><rect width="${width}" height="${height}" fill="${ground}"/>${content}</svg>`
}

/** From 0 to 1 while `moment` goes from `start` to `end`, slow at both ends. */
function eased(moment: number, start: number, end: number): number {
  const share = Math.min(1, Math.max(0, (moment - start) / (end - start)))
  return share * share * (3 - 2 * share)
}

const columns = 9
const rows = 3

/** Seeds drop into three furrows one after the other; then they come up. */
function sowing(moment: number): string {
  const { ground, light, dark, accent, cream, middle } = palettes.dusk
  const sun = `<circle cx="${110 + moment * 380}" cy="${96 - Math.sin(moment * Math.PI) * 40}" r="34" fill="${accent}"/>`
  const hill = `<path d="M0 170Q160 110 330 150T640 130V360H0Z" fill="${light}"/>`
  const furrows = Array.from(
    { length: rows },
    (_, row) =>
      `<path d="M0 ${212 + row * 52}Q320 ${200 + row * 52} 640 ${212 + row * 52}V${250 + row * 56}H0Z" fill="${[dark, '#4a3324', '#3a281d'][row]}"/>`,
  ).join('')
  const plants = Array.from({ length: rows * columns }, (_, at) => {
    const row = Math.floor(at / columns)
    const x = 52 + (at % columns) * 67 + row * 6
    const y = 224 + row * 53
    const drop = (at / (rows * columns)) * 0.5
    const fall = eased(moment, drop, drop + 0.05)
    if (moment < drop) return ''
    const grown = eased(moment, drop + 0.3, drop + 0.5)
    const seed =
      grown > 0 ? '' : `<ellipse cx="${x}" cy="${y - (1 - fall) * 120}" rx="6" ry="4.5" fill="${cream}"/>`
    const tall = grown * (22 + row * 6)
    const leaf = (side: number) =>
      `<path d="M${x} ${y - tall}q${side * 16 * grown} ${-18 * grown} ${side * 24 * grown} ${-4 * grown}q${-side * 8 * grown} ${10 * grown} ${-side * 24 * grown} ${4 * grown}z" fill="${side < 0 ? light : '#b7c476'}"/>`
    return (
      seed +
      (grown === 0
        ? ''
        : `<path d="M${x} ${y}V${y - tall}" stroke="#b7c476" stroke-width="4"/>${leaf(-1)}${leaf(1)}`)
    )
  }).join('')
  return sheet(ground, sun + hill + furrows + plants + `<path d="M0 352h640v8H0z" fill="${middle}"/>`)
}

/** A sieve is shaken; seed falls through onto a heap, and chaff leaves with the wind. */
function sieving(moment: number): string {
  const { ground, light, middle, dark, accent, cream } = palettes.shell
  const random = randomFrom(11)
  const sway = Math.sin(moment * Math.PI * 16) * 26 * (moment < 0.9 ? 1 : 0)
  const x = 320 + sway
  const pieces = Array.from({ length: 150 }, (_, at) => {
    const start = random() * 0.82
    const from = (random() - 0.5) * 200
    const isChaff = at % 3 === 0
    const share = eased(moment, start, start + (isChaff ? 0.22 : 0.09))
    if (moment < start || (isChaff && share === 1)) return ''
    if (isChaff) {
      const [left, top] = [x + from + share * 420, 120 - share * 90 + Math.sin(share * 9 + at) * 14]
      return `<path d="M${left} ${top}q8 -7 18 -2q-8 8 -18 2z" fill="${light}" opacity="${1 - share * 0.6}"/>`
    }
    const spread = from * (0.4 + 0.5 * start)
    const rest = 330 - Math.max(0, 70 - Math.abs(spread) * 0.62) * Math.min(1, start * 1.4) * random()
    const y = 150 + share * (rest - 150)
    return `<ellipse cx="${320 + (x - 320 + from) * (1 - share) + spread * share}" cy="${y}" rx="6" ry="5" fill="${at % 2 === 0 ? middle : dark}"/>`
  }).join('')
  const mesh = Array.from(
    { length: 13 },
    (_, at) => `<path d="M${x - 120 + at * 20} 132v26" stroke="${dark}" stroke-width="1.6"/>`,
  ).join('')
  const hoop = `<ellipse cx="${x}" cy="144" rx="132" ry="30" fill="${cream}" stroke="${middle}" stroke-width="14"/><ellipse cx="${x}" cy="136" rx="118" ry="22" fill="${accent}" opacity="0.85"/>${mesh}`
  const table = `<path d="M0 334h640v26H0z" fill="${accent}"/>`
  return sheet(ground, table + pieces + hoop)
}

export const frames = {
  sowing: { seconds: 8, draw: sowing },
  sieving: { seconds: 8, draw: sieving },
} as const satisfies Record<string, Film>

export type FilmName = keyof typeof frames
