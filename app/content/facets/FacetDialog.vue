<script setup lang="ts">
import { watch } from 'vue'
import type { FacetRow } from '~~/core/content/answers'
import { parseFacetInput } from '~~/core/content/term-input'
import type { FacetInput } from '~~/core/content/term-input'
import { faultsOf } from '~~/core/parsing'
import FormDialog from '../../shared/FormDialog.vue'
import { useForm } from '../../shared/form'
import { request } from '../../shared/http'
import { useCatalogue } from '../../stores/catalogue'
import { facetWords } from './words'

/** A facet: its names, and the collections it classifies. */
const open = defineModel<boolean>({ required: true })
const props = defineProps<{ facet: FacetRow | null }>()
const emit = defineEmits<{ saved: [id: number, name: string]; remove: [facet: FacetRow] }>()
const catalogue = useCatalogue()

const blank: FacetInput = { name: '', plural: '', collections: [] }
const form = useForm<FacetInput>(blank, (values) => faultsOf(parseFacetInput(inputOf(values))))
const { values, faults, leave, sending, problem, changed } = form

watch(open, (shown) => shown && form.reset(props.facet === null ? blank : inputOf(props.facet)))

function inputOf({ name, plural, collections }: FacetInput): FacetInput {
  return { name, plural, collections: [...collections] }
}

async function save() {
  const { facet } = props
  const saved = await form.send(() =>
    facet === null
      ? request<{ id: number }>('POST', '/api/bench/facets', inputOf(values))
      : request('PUT', `/api/bench/facets/${facet.id}`, inputOf(values)).then(() => ({ id: facet.id })),
  )
  if (saved === null) return
  open.value = false
  emit('saved', saved.id, values.name)
}
</script>

<template>
  <FormDialog
    v-model="open"
    :title="facet === null ? facetWords.new : facetWords.edit(facet.name)"
    :save="facetWords.save"
    :sending="sending"
    :problem="problem"
    :changed="changed"
    :remove="facet ? facetWords.delete : undefined"
    @send="save"
    @remove="facet && emit('remove', facet)"
  >
    <v-text-field
      v-model="values.name"
      :label="facetWords.name"
      :error-messages="faults('name')"
      autocomplete="off"
      autofocus
      @blur="leave('name')"
    />
    <v-text-field
      v-model="values.plural"
      :label="facetWords.plural"
      :error-messages="faults('plural')"
      autocomplete="off"
      @blur="leave('plural')"
    />
    <v-autocomplete
      v-model="values.collections"
      :label="facetWords.collections"
      :items="[...catalogue.catalogue.collections]"
      item-title="name"
      item-value="id"
      :error-messages="faults('collections')"
      multiple
      chips
      closable-chips
      auto-select-first
      clear-on-select
    />
  </FormDialog>
</template>
