import { numberFormat } from '../formats/formatters'

const dayMs = 86_400_000

/** How long something takes, in the largest unit of which it has two: “3 years”, “90 minutes”. */
export function lengthText(milliseconds: number, locale: string): string {
  const days = milliseconds / dayMs
  const [unit, count] = (
    [
      ['year', days / 365.2425],
      ['month', days / 30.436875],
      ['week', days / 7],
      ['day', days],
      ['hour', days * 24],
    ] as const
  ).find(([, many]) => many >= 2) ?? ['minute', days * 1440]
  return numberFormat(locale, {
    style: 'unit',
    unit,
    unitDisplay: 'long',
    maximumFractionDigits: 0,
  }).format(count)
}
