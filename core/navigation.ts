/** A way somewhere, with what it is called. */
export interface NavigationLink {
  readonly title: string
  readonly path: string
}
