<script setup lang="ts">
import { computed, watch } from 'vue'
import type { CollectionSummary } from '~~/core/content/catalogue'
import { happensNever, parseHappening } from '~~/core/content/happening'
import type { Happening } from '~~/core/content/happening'
import { faultsOf } from '~~/core/parsing'
import FormDialog from '../../shared/FormDialog.vue'
import { useForm } from '../../shared/form'
import { request } from '../../shared/http'
import { chosenFor, fieldsFor, happeningOf, withChosen } from './happening-form'
import type { AskedPart } from './happening-form'
import { happeningWords as words } from './words'

/** Says which fields of a collection tell when its entries happen, where, and in which line. */
const open = defineModel<boolean>({ required: true })
const props = defineProps<{ collection: CollectionSummary }>()
const emit = defineEmits<{ saved: [] }>()
const fields = computed(() => props.collection.fields)
const form = useForm<Happening>({ ...happensNever }, (values) =>
  faultsOf(parseHappening(happeningOf(values), fields.value)),
)
const { values, faults, sending, problem, changed } = form

watch(open, (isOpen) => isOpen && form.reset(happeningOf(props.collection.happening)), { immediate: true })

const startsWithDays = computed(
  () => fields.value.find((field) => field.id === values.when?.start)?.type === 'date',
)
const parts = computed((): readonly AskedPart[] => {
  const ofWhen: readonly AskedPart[] = startsWithDays.value
    ? ['until', 'repeats']
    : ['until', 'wholeDays', 'repeats', 'zone']
  return ['start', ...(values.when === null ? [] : ofWhen), 'where', 'track']
})

/** Stands for no field among those to choose from. */
const none = 0

function itemsOf(part: AskedPart) {
  const fitting = fieldsFor(part, values, fields.value).map(({ id, name }) => ({ value: id, title: name }))
  return [{ value: none, title: words.notSaid }, ...fitting]
}

function pathsOf(part: AskedPart): readonly string[] {
  if (part === 'where' || part === 'track') return [part]
  return part === 'until' ? ['when.end', 'when.length'] : [`when.${part}`]
}

function choose(part: AskedPart, id: number | null) {
  Object.assign(values, withChosen(happeningOf(values), part, id, fields.value))
}

async function save() {
  const path = `/api/bench/collections/${props.collection.id}/happening`
  if ((await form.send(() => request('PUT', path, happeningOf(values)))) === null) return
  open.value = false
  emit('saved')
}
</script>

<template>
  <FormDialog
    v-model="open"
    :title="words.dialog"
    :width="520"
    :save="words.save"
    :sending="sending"
    :problem="problem"
    :changed="changed"
    @send="save"
  >
    <p class="input-note">{{ words.dialogHint }}</p>
    <v-select
      v-for="part in parts"
      :key="part"
      :label="words.parts[part].label"
      :hint="words.parts[part].hint"
      persistent-hint
      :items="itemsOf(part)"
      :model-value="chosenFor(part, values) ?? none"
      :error-messages="pathsOf(part).flatMap((path) => faults(path))"
      @update:model-value="choose(part, $event === none ? null : $event)"
    />
  </FormDialog>
</template>
