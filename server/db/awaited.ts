import { AsyncLocalStorage } from 'node:async_hooks'

/** A statement that is running, and how it is stopped. */
export interface Running {
  readonly stop: () => Promise<unknown>
}

/** The statements of a question that somebody waits for. */
class Awaited {
  private readonly running = new Set<Running>()
  private stopping: Promise<unknown> = Promise.resolve()
  private isGivenUp = false

  /** Counts a statement among those that end when nobody waits any more. */
  async follow<T>(statement: Running, result: Promise<T>): Promise<T> {
    this.running.add(statement)
    if (this.isGivenUp) this.stop(statement)
    try {
      return await result
    } finally {
      this.running.delete(statement)
      // The connection is nobody else's before the word to stop has arrived: it would stop another's.
      await this.stopping
    }
  }

  giveUp(): void {
    this.isGivenUp = true
    for (const statement of this.running) this.stop(statement)
  }

  private stop(statement: Running): void {
    this.stopping = Promise.all([this.stopping, statement.stop().catch(() => undefined)])
  }
}

const current = new AsyncLocalStorage<Awaited>()

/** Asks something that may be given up: what the database still works on for it is stopped then. */
export async function whileAwaited<T>(
  onGivenUp: (giveUp: () => void) => void,
  ask: () => Promise<T>,
): Promise<T> {
  const awaited = new Awaited()
  onGivenUp(() => awaited.giveUp())
  return current.run(awaited, ask)
}

/** Follows a statement where somebody waits for it; elsewhere it simply runs. */
export function followed<T>(statement: Running, result: Promise<T>): Promise<T> {
  return current.getStore()?.follow(statement, result) ?? result
}
