/** What every answer says to browsers about how it may be used. */
export const securityHeaders = {
  'x-content-type-options': 'nosniff',
  'x-frame-options': 'SAMEORIGIN',
  'referrer-policy': 'same-origin',
  'cross-origin-opener-policy': 'same-origin',
} as const
