/** What every screen of the bench says. */
export const words = {
  destinations: { pages: 'Pages', content: 'Content', site: 'Site' },
  account: (name: string) => `Account of ${name}`,
  signOut: 'Sign out',
  changePassword: 'Change my password',
  password: {
    title: 'Change my password',
    current: 'Present password',
    next: 'New password',
    hint: 'At least 10 characters. A few words in a row do well.',
    save: 'Change it',
    done: 'Your password is changed. You stay signed in here and are signed out everywhere else.',
  },
  close: 'Close',
  cancel: 'Cancel',
  closeNotice: 'Close this message',
  again: {
    title: 'You were signed out',
    text: (email: string) =>
      `Sign in again as ${email} to go on. Nothing that you did here is lost; it is sent right after.`,
    password: 'Password',
    missing: 'Type your password.',
    save: 'Sign in',
  },
  more: 'Show more',
  placeholder: 'Where there is no picture',
  placeholders: { sprig: 'A sprig', letter: 'First letter', none: 'Nothing' },
  move: (name: string) => `Move ${name}: arrow keys`,
  standsAt: (name: string, place: string) => `${name}: ${place}`,
  placeInList: (at: number, of: number, list: string | null) =>
    `place ${at} of ${of}${list === null ? '' : `, ${list}`}`,
  zone: (zone: string) => `Time in ${zone}`,
  timeOf: (label: string) => `${label}: time`,
  undo: 'Undo',
  redo: 'Redo',
  putBack: 'Put back',
  putBackOf: (label: string) => `Put back: ${label}`,
} as const
