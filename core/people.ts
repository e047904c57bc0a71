import { object, string } from 'yup'
import type { Schema } from 'yup'
import { idOrNoneSchema } from './schemas'
import { parseWith } from './parsing'
import type { Parsed } from './parsing'

/**
 * What people may do: writers write entries, designers also set up pages and collections, owners
 * also decide about people.
 */
export const roles = ['writer', 'designer', 'owner'] as const
export type Role = (typeof roles)[number]

/** Whether someone with the role `held` may do what needs `needed`. */
export function includesRole(held: Role, needed: Role): boolean {
  return roles.indexOf(held) >= roles.indexOf(needed)
}

/** Somebody whom entries name as their author; not an account. */
export interface AuthorInput {
  readonly name: string
  readonly about: string
  readonly portraitId: number | null
}

export interface InvitationInput {
  readonly email: string
  readonly name: string
  readonly role: Role
}

/** A password as it is chosen: NIST SP 800-63B (5.1.1.2) asks for length, not for kinds of character. */
export const shortestPassword = 10
export const longestPassword = 1000

const personName = () =>
  string()
    .trim('Remove the spaces at the ends of the name.')
    .required('Give the name.')
    .max(120, 'Keep the name within 120 characters.')

const authorSchema = object({
  name: personName(),
  about: string().defined().max(600, 'Keep this within 600 characters.'),
  portraitId: idOrNoneSchema(),
})
  .noUnknown()
  .required()

const role = () =>
  string<Role>()
    .oneOf([...roles], 'A role is writer, designer or owner.')
    .required()

/** HTML Standard, 4.10.5.1.5: what an input of the type “email” takes. */
const emailSchema = () =>
  string()
    .required('Give the mail address.')
    .max(254, 'An address has at most 254 characters.')
    .matches(
      /^[\w.!#$%&'*+/=?^`{|}~-]+@[a-z0-9](?:[a-z0-9-]{0,61}[a-z0-9])?(?:\.[a-z0-9](?:[a-z0-9-]{0,61}[a-z0-9])?)+$/i,
      'This is no address. Type one like “wren@example.org”.',
    )

const invitationSchema = object({
  email: emailSchema(),
  name: personName(),
  role: role(),
})
  .noUnknown()
  .required()

/** The rule a new password must meet. */
export const passwordSchema = string()
  .required('Choose a password.')
  .min(shortestPassword, `Use at least ${shortestPassword} characters; a few words do well.`)
  .max(longestPassword, 'A password has at most 1,000 characters.')

const passwordChangeSchema = object({
  current: string().required('Type your present password.').max(longestPassword),
  next: passwordSchema,
})
  .noUnknown()
  .required()

export interface PasswordChange {
  readonly current: string
  readonly next: string
}

const firstOwnerSchema = object({
  code: string().required('Type the code that the server wrote when it started.').max(40),
  name: personName(),
  email: emailSchema(),
  password: passwordSchema,
})
  .noUnknown()
  .required()

/** Whoever makes the first account of a new site. */
export interface FirstOwner {
  readonly code: string
  readonly name: string
  readonly email: string
  readonly password: string
}

/** Reads what the first owner typed. Faults carry the name of the field. */
export function parseFirstOwner(input: unknown): Parsed<FirstOwner> {
  return parseWith(firstOwnerSchema, input)
}

/** Reads an author. Faults carry the name of the field. */
export function parseAuthorInput(input: unknown): Parsed<AuthorInput> {
  return parseWith(authorSchema, input)
}

/** Reads whom an invitation is for. Faults carry the name of the field. */
export function parseInvitationInput(input: unknown): Parsed<InvitationInput> {
  return parseWith(invitationSchema as unknown as Schema<InvitationInput>, input)
}

/** Reads the present password and the one to come. */
export function parsePasswordChange(input: unknown): Parsed<PasswordChange> {
  return parseWith(passwordChangeSchema, input)
}

/** Reads the role an account is to have. */
export function parseRole(input: unknown): Parsed<{ readonly role: Role }> {
  return parseWith(
    object({ role: role() }).noUnknown().required() as unknown as Schema<{ readonly role: Role }>,
    input,
  )
}

/** What the server answers about people. */
export interface AuthorRow extends AuthorInput {
  readonly id: number
  readonly slug: string
  readonly entries: number
}

export interface AccountRow {
  readonly id: string
  readonly name: string
  readonly email: string
  readonly role: Role
  /** Epoch milliseconds; null for one that was never used. */
  readonly seenAt: number | null
}

export interface InvitationRow {
  readonly id: string
  readonly name: string
  readonly email: string
  readonly role: Role
  /** Epoch milliseconds. */
  readonly expiresAt: number
}
