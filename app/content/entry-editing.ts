import { computed, ref } from 'vue'
import { entryInputFields } from '~~/core/content/entry-input'
import type { EntryInput } from '~~/core/content/entry-input'
import { slugOf } from '~~/core/content/slug'
import { useForm } from '../shared/form'
import { request } from '../shared/http'
import type { EditedEntry } from '~~/core/content/answers'

const blank: EntryInput = {
  title: '',
  slug: '',
  summary: '',
  body: '',
  status: 'draft',
  publishedAt: null,
  authorId: null,
  pictureId: null,
  pinned: false,
  termIds: [],
}

/** An entry in work: its form, and saving it over the version that was seen. */
export function useEntryEditing() {
  const form = useForm<EntryInput>(blank, entryInputFields)
  const stored = ref<EditedEntry | null>(null)
  /** Until the address is typed by hand, or was published, it follows the title. */
  const slugFollows = ref(true)
  const theirs = computed(() => {
    const details = form.problem.value?.details
    return details?.status === 409 ? (details.current as EditedEntry) : null
  })

  async function load(id: number): Promise<void> {
    take(await request<EditedEntry>('GET', `/api/bench/entries/${id}`))
  }

  function take(entry: EditedEntry): void {
    stored.value = entry
    slugFollows.value = entry.status === 'draft' && entry.slug === slugOf(entry.title)
    form.reset(inputOf(entry))
  }

  function setTitle(title: string): void {
    form.values.title = title
    if (slugFollows.value) form.values.slug = slugOf(title)
  }

  function setSlug(slug: string): void {
    slugFollows.value = false
    form.values.slug = slug
  }

  /** Saves; the stored entry, or null when something in it is not right. */
  async function save(collectionId: number): Promise<EditedEntry | null> {
    const before = stored.value
    const entry = inputOf(form.values)
    const answer = await form.send(() =>
      before === null
        ? request<EditedEntry>('POST', `/api/bench/collections/${collectionId}/entries`, entry)
        : request<EditedEntry>('PUT', `/api/bench/entries/${before.id}`, { version: before.version, entry }),
    )
    if (answer !== null) take(answer)
    return answer
  }

  /** Publishes now, or from the date that is set. */
  function publish(collectionId: number, now: number): Promise<EditedEntry | null> {
    form.values.status = 'published'
    form.values.publishedAt ??= now
    return save(collectionId)
  }

  /** Goes on from the other's version, with what was typed here kept in the form. */
  function keepMine(): void {
    if (theirs.value !== null) stored.value = theirs.value
    form.problem.value = null
  }

  return { ...form, stored, theirs, load, take, setTitle, setSlug, save, publish, keepMine }
}

function inputOf(entry: EntryInput): EntryInput {
  const { title, slug, summary, body, status, publishedAt, authorId, pictureId, pinned, termIds } = entry
  return { title, slug, summary, body, status, publishedAt, authorId, pictureId, pinned, termIds: [...termIds] }
}
