import { faulty } from '../parsing'
import type { Parsed } from '../parsing'

/** Lifts a definition by one version. */
export type UpgradeStep = (old: Readonly<Record<string, unknown>>) => Record<string, unknown>

/** `steps[n]` lifts version n + 1 to version n + 2. */
const listingSteps: readonly UpgradeStep[] = [severalCollections, looselyEqual]

/** Version 2: several collections; terms and authors by any, all or none; stretches of time. */
function severalCollections(old: Readonly<Record<string, unknown>>): Record<string, unknown> {
  const { collection, rules, ...from } = (old.from ?? {}) as Record<string, unknown>
  const lifted = Array.isArray(rules) ? { rules: rules.map(liftedRule) } : {}
  return { ...old, from: { ...from, ...lifted, collections: collection === undefined ? [] : [collection] } }
}

function liftedRule(rule: unknown): unknown {
  if (typeof rule !== 'object' || rule === null) return rule
  const { any, days, ...rest } = rule as Record<string, unknown>
  if (rest.rule === 'terms') return { ...rest, is: 'any', terms: any }
  if (rest.rule === 'author') return { ...rest, is: 'any', authors: any }
  return rest.rule === 'published-within'
    ? { rule: 'date', window: { is: 'last', count: days, unit: 'day' } }
    : rule
}

/** Version 3: “is exactly” means so; what it meant until then is said. */
function looselyEqual(old: Readonly<Record<string, unknown>>): Record<string, unknown> {
  const { rules, ...from } = (old.from ?? {}) as Record<string, unknown>
  return { ...old, from: { ...from, ...(Array.isArray(rules) && { rules: rules.map(loosened) }) } }
}

function loosened(rule: unknown): unknown {
  if (typeof rule !== 'object' || rule === null) return rule
  const { rules, asked } = rule as { readonly rules?: unknown; readonly asked?: unknown }
  if (Array.isArray(rules)) return { ...rule, rules: rules.map(loosened) }
  const isEqual = typeof asked === 'object' && asked !== null && Reflect.get(asked, 'is') === 'equal'
  return isEqual ? { ...rule, asked: { ...asked, loose: true } } : rule
}

/**
 * Brings a definition of an older version up to `version`, step by step. Refuses what is no
 * definition, has no version, or comes from a newer Bushel.
 */
export function upgraded(
  input: unknown,
  version: number,
  steps: readonly UpgradeStep[] = listingSteps,
): Parsed<Readonly<Record<string, unknown>>> {
  if (typeof input !== 'object' || input === null || Array.isArray(input))
    return faulty('', 'A definition is a JSON object.')
  const from: unknown = Reflect.get(input, 'version')
  if (typeof from !== 'number' || !Number.isInteger(from) || from < 1)
    return faulty('version', 'Say which version of the definition this is: a whole number from 1.')
  if (from > version)
    return faulty(
      'version',
      `This is version ${from}; the newest known here is ${version}. Update Bushel first.`,
    )
  let current = input as Record<string, unknown>
  for (const step of steps.slice(from - 1, version - 1)) {
    current = { ...step(current), version: (current.version as number) + 1 }
  }
  return { ok: true, value: current }
}
