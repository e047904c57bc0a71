import { computed } from 'vue'
import type { Field } from '~~/core/content/field'
import type { FieldTypeName } from '~~/core/content/fields'
import { useBench } from '../../stores/bench'
import { useCatalogue } from '../../stores/catalogue'

/** The fields of the chosen listing's first collection; those of other collections count by the same key and type. */
export function useListingFields() {
  const bench = useBench()
  const catalogue = useCatalogue()
  const fields = computed<readonly Field[]>(() => catalogue.catalogue.collections.find((one) => one.id === bench.listing?.from.collections[0])?.fields ?? [])
  const choices = (...types: readonly FieldTypeName[]) => fields.value.filter((field) => types.length === 0 || types.includes(field.type)).map((field) => ({ value: field.id, title: field.name }))
  return { fields, choices }
}
