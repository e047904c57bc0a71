/** The account that the demo site comes with, shown on the sign-in page. */
export const demoAccount = {
  email: 'designer@sorrelhill.example',
  password: 'sow-in-april',
  name: 'Wren Hollis',
} as const
