export const runs = 41

export interface Measured {
  readonly p50: number
  readonly p95: number
}

/** How long each action takes, in milliseconds; all take turns in one run. */
export async function measured(actions: readonly (() => Promise<unknown>)[]): Promise<readonly Measured[]> {
  const times = actions.map((): number[] => [])
  // What the machine does besides falls on all alike.
  for (let at = 0; at < runs + 5; at += 1)
    for (const [which, action] of actions.entries()) {
      const start = performance.now()
      await action()
      if (at >= 5) times[which]?.push(performance.now() - start)
    }
  return times.map((all) => {
    const sorted = all.toSorted((a, b) => a - b)
    return { p50: sorted[Math.floor(runs * 0.5)] ?? 0, p95: sorted[Math.floor(runs * 0.95)] ?? 0 }
  })
}
