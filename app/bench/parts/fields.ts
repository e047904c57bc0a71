import { computed } from 'vue'
import { fieldsOfAll } from '~~/core/content/catalogue'
import type { Field } from '~~/core/content/field'
import type { FieldTypeName } from '~~/core/content/fields'
import { useSelection } from '../../stores/bench/selection'
import { useCatalogue } from '../../stores/catalogue'

/** The fields that the chosen listing's cards can show. */
export function useListingFields() {
  const selection = useSelection()
  const catalogue = useCatalogue()
  const fields = computed<readonly Field[]>(() =>
    fieldsOfAll(catalogue.catalogue, selection.listing?.from.collections ?? []),
  )
  const choices = (...types: readonly FieldTypeName[]) =>
    fields.value
      .filter((field) => types.length === 0 || types.includes(field.type))
      .map((field) => ({ value: field.id, title: field.name }))
  return { fields, choices }
}
