/** What is said of looks wherever they are made. */
export const words = {
  newLook: 'New look',
  rename: (name: string) => `Rename “${name}”`,
  name: 'Name of the look',
  nameHint: 'As the sentence of a listing says it: “in Quiet”.',
  begin: 'Begin with',
  nothing: 'Nothing set, as the site',
  make: 'Make it',
  save: 'Save',
  css: {
    about: 'Rules hold within the listing alone. Type a colon for the names of what can be styled.',
    holds: 'The rules hold',
    text: 'Rules of CSS',
    tooLong: (most: number) => `Nothing was put in: rules have ${most.toLocaleString('en')} letters at most.`,
    leftOut: 'Left out',
    line: (line: number) => `Line ${line}:`,
    onPage: 'As pages get it',
    nothing: 'Nothing so far.',
  },
} as const
