import { promisify } from 'node:util'
import { brotliCompress, constants, gzip } from 'node:zlib'
import { DependentCache } from '../live/dependent-cache'
import type { ChangeFeed } from '../live/change-feed'
import { contentPolicy } from '../http/content-policy'
import { etagOf } from '../http/etag'
import type { PublicAnswer } from './public-answer'

export const encodings = ['br', 'gzip', 'identity'] as const
export type Encoding = (typeof encodings)[number]

/** Bytes of documents that are kept: of plain addresses, and of those that ask for something of a page. */
const mostPlain = 64_000_000
const mostAsked = 16_000_000

/**
 * A good part of what the densest takes, in a fraction of its time (RFC 7932; measured on the
 * demo's pages).
 */
const brotliQuality = 5

type Made = Extract<PublicAnswer, { readonly status: 200 }>

/** A document as it is sent: its bytes by encoding, each made once, when it is first asked for. */
export class ReadyDocument {
  readonly etag: string
  readonly policy: string
  private readonly bodies = new Map<Encoding, Promise<Buffer>>()
  private readonly made = new Map<Encoding, Buffer>()
  private readonly plain: Buffer

  constructor({ html, css, isFramed }: Pick<Made, 'html' | 'css' | 'isFramed'>) {
    this.plain = Buffer.from(html)
    this.policy = contentPolicy(css, isFramed)
    this.etag = etagOf(said(html))
  }

  /** Its bytes in an encoding where they are made already. */
  bodyNow(encoding: Encoding): Buffer | null {
    return this.made.get(encoding) ?? null
  }

  async body(encoding: Encoding): Promise<Buffer> {
    const making = this.bodies.get(encoding) ?? encoded(this.plain, encoding)
    this.bodies.set(encoding, making)
    const body = await making
    this.made.set(encoding, body)
    return body
  }

  /** About as much memory as it takes with everything made of it. */
  get size(): number {
    return Math.round(this.plain.length * 1.6)
  }
}

/**
 * What a document says: when it was made, and what had been seen of the site's changes by then, are no
 * part of it. What was made anew after a change elsewhere is the same.
 */
function said(html: string): string {
  return html.replace(/ data-(?:seen|at)="[^"]*"/g, '')
}

const [brotli, zip] = [promisify(brotliCompress), promisify(gzip)]

function encoded(plain: Buffer, encoding: Encoding): Promise<Buffer> {
  if (encoding === 'br') return brotli(plain, { params: { [constants.BROTLI_PARAM_QUALITY]: brotliQuality } })
  return encoding === 'gzip' ? zip(plain) : Promise.resolve(plain)
}

/**
 * What is answered at an address: a document that is the same for all, one that each visit has for
 * itself, or another answer.
 */
export type KeptAnswer =
  | { readonly kind: 'document'; readonly document: ReadyDocument }
  | { readonly kind: 'by visit' }
  | { readonly kind: 'other'; readonly answer: Exclude<PublicAnswer, { readonly status: 200 }> }

/** Keeps the documents of public pages by their address until anything on them may be another. */
export class KeptDocuments {
  private readonly plain: DependentCache
  private readonly asked: DependentCache

  constructor(
    feed: Pick<ChangeFeed, 'subscribe' | 'isListening'>,
    /**
     * Makes the answer of an address at `now` (epoch milliseconds) for a visit, of no name where
     * all get the same.
     */
    private readonly make: (
      path: string,
      query: URLSearchParams,
      now: number,
      visit: string,
    ) => Promise<PublicAnswer>,
  ) {
    this.plain = new DependentCache(feed, { bytes: mostPlain, sizeOf })
    this.asked = new DependentCache(feed, { bytes: mostAsked, sizeOf })
  }

  /** The document of a plain address where it is kept. `now` is epoch milliseconds. */
  keptNow(path: string, now: number): ReadyDocument | null {
    const kept = this.plain.keptNow<KeptAnswer>(path, now)
    return kept?.kind === 'document' ? kept.document : null
  }

  /** What is answered at an address: as it is kept, or made now, once however many ask. */
  answer(path: string, query: URLSearchParams, now: number): Promise<KeptAnswer> {
    const name = query.size === 0 ? path : `${path}?${query.toString()}`
    return (query.size === 0 ? this.plain : this.asked).get<KeptAnswer>(name, now, async () => {
      const answer = await this.make(path, query, now, '')
      // What is not there is not kept: there is no end to addresses where nothing is.
      if (answer.status !== 200) return { value: { kind: 'other', answer }, collections: [], until: now }
      const value: KeptAnswer = answer.lastsAVisit
        ? { kind: 'by visit' }
        : { kind: 'document', document: new ReadyDocument(answer) }
      return { value, ...answer.dependence }
    })
  }

  /** The document of an address for one visit. */
  forVisit(path: string, query: URLSearchParams, now: number, visit: string): Promise<PublicAnswer> {
    return this.make(path, query, now, visit)
  }
}

function sizeOf(value: unknown): number {
  const answer = value as KeptAnswer
  return answer.kind === 'document' ? answer.document.size : 100
}
