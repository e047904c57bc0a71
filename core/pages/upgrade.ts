import type { UpgradeStep } from '../listing/upgrade'

/** `pageSteps[n]` lifts a page of version n + 1 to version n + 2. */
export const pageSteps: readonly UpgradeStep[] = [bandsInAreas]

/** Version 2: areas hold bands of columns; what is placed says of which kind it is. */
function bandsInAreas(old: Readonly<Record<string, unknown>>): Record<string, unknown> {
  const areas =
    typeof old.areas === 'object' && old.areas !== null && !Array.isArray(old.areas)
      ? Object.entries(old.areas).map(([name, placements], at) => [name, [bandOf(at + 1, placements)]])
      : null
  return {
    ...old,
    ...(areas !== null && { areas: Object.fromEntries(areas) as unknown }),
    shelf: listingsOf(old.shelf),
  }
}

function bandOf(id: number, placements: unknown): unknown {
  return {
    id,
    reach: 'contained',
    above: 0,
    below: 0,
    background: { is: 'none' },
    hiddenAt: [],
    columns: [{ parts: 1, placements: listingsOf(placements) }],
  }
}

function listingsOf(placements: unknown): unknown {
  return Array.isArray(placements)
    ? placements.map((one: unknown) =>
        typeof one === 'object' && one !== null ? { ...one, kind: 'listing' } : one,
      )
    : placements
}
