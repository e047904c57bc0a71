import { computed, ref, shallowReactive } from 'vue'
import type { MediaRow } from '~~/core/content/answers'
import { RequestProblem, uploadFile } from '../../shared/http'

/** A file on its way, or why it did not come. */
export interface Upload {
  readonly id: number
  readonly name: string
  /** How much of it is there, 0 to 1. */
  readonly done: number
  readonly failure: string | null
  readonly stop: () => void
}

/** Files that are brought in one after the other: each can be stopped, and one that fails holds up no other. */
export function useUploads() {
  const uploads = shallowReactive(new Map<number, Upload>())
  const last = ref(0)

  /** Brings the files in; those that came. */
  async function bring(files: readonly File[]): Promise<readonly MediaRow[]> {
    for (const upload of uploads.values()) if (upload.failure !== null) upload.stop()
    const queued = files.map((file) => ({ file, ...queue(file) }))
    const stored: MediaRow[] = []
    for (const { file, id, signal } of queued) {
      const media = signal.aborted ? null : await send(file, id, signal)
      if (media !== null) stored.push(media)
    }
    return stored
  }

  function queue(file: File): { readonly id: number; readonly signal: AbortSignal } {
    const id = (last.value += 1)
    const control = new AbortController()
    const stop = () => {
      control.abort()
      uploads.delete(id)
    }
    uploads.set(id, { id, name: file.name, done: 0, failure: null, stop })
    return { id, signal: control.signal }
  }

  async function send(file: File, id: number, signal: AbortSignal): Promise<MediaRow | null> {
    const say = (change: Partial<Upload>) => {
      const known = uploads.get(id)
      if (known !== undefined) uploads.set(id, { ...known, ...change })
    }
    try {
      const path = `/api/bench/media?name=${encodeURIComponent(file.name)}`
      const media = await uploadFile<MediaRow>(path, file, (done) => say({ done }), signal)
      uploads.delete(id)
      return media
    } catch (error) {
      if (signal.aborted) return null
      if (!(error instanceof RequestProblem)) throw error
      say({ failure: error.message })
      return null
    }
  }

  return { uploads: computed(() => [...uploads.values()]), bring }
}
