/** What every screen of the bench says. */
export const words = {
  destinations: { pages: 'Pages', content: 'Content' },
  account: (name: string) => `Account of ${name}`,
  signOut: 'Sign out',
  close: 'Close',
  cancel: 'Cancel',
  undo: 'Undo',
  redo: 'Redo',
  putBack: 'Put back',
  putBackOf: (label: string) => `Put “${label}” back to its default`,
} as const
