import { array, mixed, number, object, string } from 'yup'
import type { Patch } from 'immer'
import type { PageDocument } from '~~/core/edits/document'
import { redone, undone } from '~~/core/edits/history'
import type { Edit, History } from '~~/core/edits/history'
import { same } from '~~/core/same'
import { parseWith } from '~~/core/parsing'
import { keptJson } from '../shared/kept-json'

/** Edits that are kept in either direction. */
const most = 40

/**
 * What can be undone and redone on a page, for as long as this tab is open: a reload keeps it. Each
 * account has its own.
 */
export function keptHistory(account: string, pageId: number) {
  const key = `bushel.history.${account}.${pageId}`
  return {
    read: (present: PageDocument): History<PageDocument> | null =>
      readHistory(sessionStorage.getItem(key), present),
    write(history: History<PageDocument>): void {
      try {
        sessionStorage.setItem(key, JSON.stringify(kept(history)))
      } catch {
        // The browser's store is full: what was done stays, only the way back is lost at a reload.
      }
    },
  }
}

function kept({ present, past, future }: History<PageDocument>): History<PageDocument> {
  return { present, past: past.slice(-most), future: future.slice(0, most) }
}

const edits = array(
  object({
    title: string().required(),
    subject: string().nullable().defined(),
    at: number().required(),
    forward: array(mixed<Patch>().required()).required(),
    backward: array(mixed<Patch>().required()).required(),
  }).required(),
).required()
const schema = object({ present: mixed().required(), past: edits, future: edits }).required()

/**
 * Reads what a browser kept as any other input. It is used only where it leads to the document that
 * is opened, and where every step of it can be gone.
 */
export function readHistory(text: string | null, present: PageDocument): History<PageDocument> | null {
  const read = parseWith<{
    readonly present: unknown
    readonly past: readonly Edit[]
    readonly future: readonly Edit[]
  }>(schema, keptJson(text))
  if (!read.ok || !same(read.value.present, present)) return null
  const history = { present, past: read.value.past, future: read.value.future }
  return canBeGone(history) ? history : null
}

function canBeGone(history: History<PageDocument>): boolean {
  try {
    history.past.reduce(undone, history)
    history.future.reduce(redone, history)
    return true
  } catch {
    return false
  }
}
