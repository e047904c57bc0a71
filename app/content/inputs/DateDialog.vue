<script setup lang="ts">
import { watch } from 'vue'
import FormDialog from '../../shared/FormDialog.vue'
import InstantField from '../../shared/dates/InstantField.vue'
import { useForm } from '../../shared/form'
import { dateWords as words } from '../words'

/** Asks for the day and the time of one date. */
const open = defineModel<boolean>({ required: true })
const props = defineProps<{
  title: string
  save: string
  /** What it begins with, epoch milliseconds. */
  begins: number
  /** The time zone of its day and time. */
  zone: string
}>()
const emit = defineEmits<{ answer: [instant: number] }>()
const form = useForm<{ at: number | null }>({ at: null }, ({ at }) =>
  at === null ? [{ path: 'at', message: words.needed }] : [],
)
const { values, faults, leave, sending, problem, changed } = form

watch(open, (isOpen) => isOpen && form.reset({ at: props.begins }), { immediate: true })

async function send() {
  const at = await form.send(() => Promise.resolve(values.at))
  if (at === null) return
  open.value = false
  emit('answer', at)
}
</script>

<template>
  <FormDialog
    v-model="open"
    :title="title"
    :width="440"
    :save="save"
    :sending="sending"
    :problem="problem"
    :changed="changed"
    @send="send"
  >
    <InstantField
      v-model="values.at"
      :label="words.begins"
      :zone="zone"
      :faults="faults('at')"
      @leave="leave('at')"
    />
  </FormDialog>
</template>
