<script setup lang="ts">
import { computed, watch } from 'vue'
import { noCss } from '~~/core/looks/own-css/own-css'
import { readyMadeLooks } from '~~/core/looks/ready-made'
import { parseLookInput } from '~~/core/looks/shared-look'
import type { LookInput, SharedLook } from '~~/core/looks/shared-look'
import { faultsOf } from '~~/core/parsing'
import { useCatalogue } from '../../stores/catalogue'
import { attempt } from '../attempt'
import FormDialog from '../FormDialog.vue'
import { useForm } from '../form'
import { request } from '../http'
import { words } from './words'

/** A look's name: of one there is, or of a new one made of styles or begun with a ready-made one. */
const open = defineModel<boolean>({ required: true })
const props = defineProps<{
  /** The one that is renamed; null for a new one. */
  look: SharedLook | null
  /** What a new one is made of; null where that is chosen here. */
  from?: LookInput | null
}>()
const emit = defineEmits<{ saved: [look: SharedLook] }>()
const catalogue = useCatalogue()

const nothing = 'nothing'
const form = useForm({ name: '', begin: nothing }, (values) => faultsOf(parseLookInput(asked(values))))
const { values, faults, leave, sending, problem, changed } = form
const isChosenHere = computed(() => props.look === null && !props.from)
const beginnings = [
  { value: nothing, title: words.nothing },
  ...readyMadeLooks.map(({ name, title }) => ({ value: name, title })),
]

watch(
  open,
  (shown) => shown && form.reset({ name: props.look?.name ?? props.from?.name ?? '', begin: nothing }),
  { immediate: true },
)

function asked({ name, begin }: { readonly name: string; readonly begin: string }): LookInput {
  const ready = readyMadeLooks.find((one) => one.name === begin)
  const { styles, css } = props.look ?? props.from ?? { styles: ready?.styles ?? [], css: noCss }
  return { name: name.trim(), styles, css }
}

/** A name that is free, of the ready-made look that it begins with, where none is typed. */
function begin(name: string) {
  const before = beginnings.find((one) => one.value === values.begin)?.title
  const title = beginnings.find((one) => one.value === name)?.title ?? ''
  if (values.name === '' || values.name === before) values.name = name === nothing ? '' : title
  values.begin = name
}

async function save() {
  const { look } = props
  const saved = await form.send(() =>
    look === null
      ? request<SharedLook>('POST', '/api/bench/looks', asked(values))
      : request<SharedLook>('PUT', `/api/bench/looks/${look.id}`, {
          ...asked(values),
          version: look.version,
        }),
  )
  if (saved === null) return
  await attempt(() => catalogue.load())
  open.value = false
  emit('saved', saved)
}
</script>

<template>
  <FormDialog
    v-model="open"
    :title="look === null ? words.newLook : words.rename(look.name)"
    :save="look === null ? words.make : words.save"
    :sending="sending"
    :problem="problem"
    :changed="changed"
    @send="save"
  >
    <v-text-field
      v-model="values.name"
      :label="words.name"
      :hint="words.nameHint"
      persistent-hint
      :error-messages="faults('name')"
      maxlength="60"
      autocomplete="off"
      autofocus
      @blur="leave('name')"
    />
    <v-select
      v-if="isChosenHere"
      :model-value="values.begin"
      :label="words.begin"
      :items="beginnings"
      @update:model-value="begin"
    />
  </FormDialog>
</template>
