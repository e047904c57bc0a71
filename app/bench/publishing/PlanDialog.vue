<script setup lang="ts">
import { watch } from 'vue'
import { formatDate } from '~~/core/formats/dates'
import InstantField from '../../shared/dates/InstantField.vue'
import FormDialog from '../../shared/FormDialog.vue'
import { useForm } from '../../shared/form'
import { useCatalogue } from '../../stores/catalogue'
import { useDraft } from '../../stores/bench/draft'
import { useNotices } from '../../stores/notices'
import { words } from './words'

/** When the page goes live by the clock. */
const open = defineModel<boolean>({ required: true })
const props = defineProps<{ plan: (at: number) => Promise<boolean> }>()
const draft = useDraft()
const catalogue = useCatalogue()
const notices = useNotices()
const form = useForm<{ at: number | null }>({ at: null }, ({ at }) =>
  at === null ? [{ path: 'at', message: words.missing }] : [],
)
const { values, faults, leave, sending, problem, changed } = form

watch(open, (shown) => shown && form.reset({ at: draft.planned?.due ?? null }))

async function send() {
  const planned = await form.send(() => props.plan(values.at ?? 0))
  if (planned !== true) return
  open.value = false
  notices.tell({ text: words.isPlanned(formatDate(values.at ?? 0, catalogue.catalogue, 'time')) })
}
</script>

<template>
  <FormDialog
    v-model="open"
    :title="words.laterTitle"
    :save="words.plan"
    :sending="sending"
    :problem="problem"
    :changed="changed"
    @send="send"
  >
    <p class="input-note">{{ words.laterHint(catalogue.catalogue.zone) }}</p>
    <InstantField v-model="values.at" :label="words.when" :faults="faults('at')" @leave="leave('at')" />
  </FormDialog>
</template>
