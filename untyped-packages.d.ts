/** What is used of the package, whose published types know nothing of preferences. */
declare module 'negotiator' {
  export default class Negotiator {
    constructor(request: { readonly headers: Readonly<Record<string, string>> })
    /** Every type that is accepted, without those of quality 0; the most wanted first. */
    mediaTypes(): readonly string[]
    /** The best of what is offered and accepted; of equals the one preferred first. */
    encoding(
      available: readonly string[],
      options: { readonly preferred: readonly string[] },
    ): string | undefined
  }
}
