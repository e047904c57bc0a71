import { randomBytes, scrypt, timingSafeEqual } from 'node:crypto'

/**
 * scrypt (RFC 7914) with N = 2^17, r = 8, p = 1: the first choice of OWASP's Password Storage Cheat
 * Sheet for scrypt. The parameters stand in the hash, so that they can rise later.
 */
const cost = { log2N: 17, r: 8, p: 1 }
const keyLength = 32

/**
 * A salted hash of a password, `scrypt$17$8$1$salt$key` with the last two in base64url. What has no password
 * to keep, as the sites of tests, may be made cheaper to get into by a smaller logarithm of N.
 */
export async function hashPassword(password: string, log2N = cost.log2N): Promise<string> {
  const salt = randomBytes(16)
  const key = await derived(password, salt, { ...cost, log2N })
  return ['scrypt', log2N, cost.r, cost.p, salt.toString('base64url'), key.toString('base64url')].join('$')
}

/** Whether a password is the one that was hashed. Takes as long for a wrong one as for the right one. */
export async function passwordMatches(password: string, hash: string): Promise<boolean> {
  const [kind, log2N, r, p, salt, key] = hash.split('$')
  if (kind !== 'scrypt' || salt === undefined || key === undefined) return false
  const expected = Buffer.from(key, 'base64url')
  const given = await derived(password, Buffer.from(salt, 'base64url'), {
    log2N: Number(log2N),
    r: Number(r),
    p: Number(p),
  })
  return expected.length === given.length && timingSafeEqual(expected, given)
}

/** Deriving a key takes 128 MB: so many at a time, the others wait. */
const atOnce = 2
let running = 0
const waiting: (() => void)[] = []

async function inTurn<T>(work: () => Promise<T>): Promise<T> {
  while (running >= atOnce) await new Promise<void>((resolve) => waiting.push(resolve))
  running += 1
  try {
    return await work()
  } finally {
    running -= 1
    waiting.shift()?.()
  }
}

function derived(password: string, salt: Buffer, { log2N, r, p }: typeof cost): Promise<Buffer> {
  const N = 2 ** log2N
  return inTurn(
    () =>
      new Promise((resolve, reject) => {
        scrypt(password.normalize('NFKC'), salt, keyLength, { N, r, p, maxmem: 256 * N * r }, (error, key) =>
          error ? reject(error) : resolve(key),
        )
      }),
  )
}
