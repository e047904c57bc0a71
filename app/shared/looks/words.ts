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
} as const
