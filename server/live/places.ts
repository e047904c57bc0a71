/** A bounded number of places, taken and left. */
export class Places {
  private readonly taken = new Map<string, number>()
  private all = 0

  constructor(private readonly most: { readonly ofOne: number; readonly inAll: number }) {}

  /** Takes a place; gives how to leave it, or null where none is free. */
  take(client: string): (() => void) | null {
    const own = this.taken.get(client) ?? 0
    if (own >= this.most.ofOne || this.all >= this.most.inAll) return null
    this.taken.set(client, own + 1)
    this.all += 1
    let isLeft = false
    return () => {
      if (isLeft) return
      isLeft = true
      this.all -= 1
      const left = (this.taken.get(client) ?? 1) - 1
      if (left === 0) this.taken.delete(client)
      else this.taken.set(client, left)
    }
  }
}
