/**
 * For the calendar and the clock of a field: what they open from is the field's frame, which is no
 * control and may not be said to open anything (WAI-ARIA 1.2, aria-expanded).
 */
export const quietMenu = {
  activatorProps: {
    'aria-haspopup': null,
    'aria-expanded': null,
    'aria-controls': null,
    'aria-owns': null,
  },
}
