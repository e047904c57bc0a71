import { computed, ref } from 'vue'
import type { EditedEntry } from '~~/core/content/answers'
import { blankEntry, entryInputOf, parseEntryInput } from '~~/core/content/entry-input'
import type { EntryInput } from '~~/core/content/entry-input'
import { fallbackValues } from '~~/core/content/field'
import type { Field } from '~~/core/content/field'
import { slugOf } from '~~/core/content/slug'
import { faultsOf } from '~~/core/parsing'
import { useForm } from '../../shared/form'
import { request } from '../../shared/http'

export type EntryEditing = ReturnType<typeof useEntryEditing>

/** An entry in work: its form, and saving it over the version that was seen. */
export function useEntryEditing() {
  const fields = ref<readonly Field[]>([])
  const form = useForm<EntryInput>(blankEntry, (values) =>
    faultsOf(parseEntryInput(entryInputOf(values), fields.value)),
  )
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

  /** Begins an entry that is not stored yet, with what its fields start with. */
  function begin(): void {
    stored.value = null
    slugFollows.value = true
    form.reset({ ...blankEntry, values: fallbackValues(fields.value) })
  }

  function take(entry: EditedEntry): void {
    stored.value = entry
    slugFollows.value = follows(entry)
    form.reset(entryInputOf(entry))
  }

  function setTitle(title: string): void {
    form.values.title = title
    if (slugFollows.value) form.values.slug = slugOf(title)
  }

  function setSlug(slug: string): void {
    slugFollows.value = false
    form.values.slug = slug
  }

  function setValue(fieldId: number, value: unknown): void {
    form.values.values = { ...form.values.values, [fieldId]: value }
  }

  /**
   * Saves, with another state where that is to change; the stored entry, or null when something in it
   * is not right. What is typed meanwhile stays.
   */
  async function save(
    collectionId: number,
    change: Partial<Pick<EntryInput, 'status' | 'publishedAt'>> = {},
  ): Promise<EditedEntry | null> {
    const before = stored.value
    const typed = entryInputOf(form.values)
    const entry = { ...typed, ...change }
    const answer = await form.send(
      () =>
        before === null
          ? request<EditedEntry>('POST', `/api/bench/collections/${collectionId}/entries`, entry)
          : request<EditedEntry>('PUT', `/api/bench/entries/${before.id}`, {
              version: before.version,
              entry,
            }),
      change,
    )
    if (answer === null) return null
    stored.value = answer
    slugFollows.value = follows(answer)
    form.settle(typed, entryInputOf(answer))
    return answer
  }

  /** Makes a draft like it, with what is typed and not saved; null when something in that is not right. */
  function copy(id: number): Promise<EditedEntry | null> {
    const entry = form.changed.value ? entryInputOf(form.values) : null
    return form.send(() => request<EditedEntry>('POST', `/api/bench/entries/${id}/copy`, { entry }))
  }

  /** Publishes now, or from the date that is set. */
  function publish(collectionId: number, now: number): Promise<EditedEntry | null> {
    return save(collectionId, { status: 'published', publishedAt: form.values.publishedAt ?? now })
  }

  /** Goes on from the other's version, with what was typed here kept in the form. */
  function keepMine(): void {
    if (theirs.value !== null) stored.value = theirs.value
    form.problem.value = null
  }

  return {
    ...form,
    fields,
    stored,
    theirs,
    load,
    begin,
    take,
    setTitle,
    setSlug,
    setValue,
    save,
    copy,
    publish,
    keepMine,
  }
}

function follows(entry: EditedEntry): boolean {
  return entry.status === 'draft' && entry.slug === slugOf(entry.title)
}
