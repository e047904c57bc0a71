import { computed } from 'vue'
import { fieldsOfAll } from '~~/core/content/catalogue'
import type { Field } from '~~/core/content/field'
import type { FieldTypeName } from '~~/core/content/fields'
import { useDraft } from '../../stores/bench/draft'
import { useSelection } from '../../stores/bench/selection'
import { useCatalogue } from '../../stores/catalogue'

/** The fields that the chosen listing's cards can show, or the entry whose page is set up. */
export function useCardFields() {
  const draft = useDraft()
  const selection = useSelection()
  const catalogue = useCatalogue()
  const ofPage = computed(() =>
    draft.subject?.kind === 'entry' && draft.subject.of !== null ? [draft.subject.of] : [],
  )
  const collections = computed(() => selection.listing?.from.collections ?? ofPage.value)
  const fields = computed<readonly Field[]>(() => fieldsOfAll(catalogue.catalogue, collections.value))
  /** Whether any of their entries say when they happen. */
  const happens = computed(() =>
    catalogue.catalogue.collections.some(
      ({ id, happening }) => happening.when !== null && collections.value.includes(id),
    ),
  )
  const choices = (...types: readonly FieldTypeName[]) =>
    fields.value
      .filter((field) => types.length === 0 || types.includes(field.type))
      .map((field) => ({ value: field.id, title: field.name }))
  return { fields, choices, happens }
}
