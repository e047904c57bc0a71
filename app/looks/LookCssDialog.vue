<script setup lang="ts">
import { watch } from 'vue'
import { styleTargets } from '~~/core/listing/targets'
import { noCss } from '~~/core/looks/own-css/own-css'
import type { OwnCss as Css } from '~~/core/looks/own-css/own-css'
import { parseLookInput } from '~~/core/looks/shared-look'
import type { LookInput, SharedLook } from '~~/core/looks/shared-look'
import { faultsOf } from '~~/core/parsing'
import { attempt } from '../shared/attempt'
import { fetchedLater } from '../shared/fetched-later'
import FormDialog from '../shared/FormDialog.vue'
import { useForm } from '../shared/form'
import { request } from '../shared/http'
import SpecimenFrame from '../shared/SpecimenFrame.vue'
import { useCatalogue } from '../stores/catalogue'
import { useNotices } from '../stores/notices'
import { words } from './words'

const OwnCss = fetchedLater(() => import('../shared/looks/OwnCss.vue'))

/** The rules of CSS of a look, beside what they make of real entries. */
const open = defineModel<boolean>({ required: true })
const props = defineProps<{
  look: SharedLook
  /** What a look makes of entries. */
  specimen: (look: LookInput) => string | undefined
}>()
const catalogue = useCatalogue()
const notices = useNotices()
const form = useForm<{ css: Css }>({ css: noCss }, (values) =>
  faultsOf(parseLookInput({ ...inputOf(props.look), ...values })),
)
const { values, sending, problem, changed } = form

watch(open, (isOpen) => isOpen && form.reset({ css: props.look.css }), { immediate: true })

function inputOf({ name, styles, css }: SharedLook): LookInput {
  return { name, styles, css }
}

async function save() {
  const { look } = props
  const sent = { ...inputOf(look), css: values.css, version: look.version }
  const saved = await form.send(() => request<SharedLook>('PUT', `/api/bench/looks/${look.id}`, sent))
  if (saved === null) return
  await attempt(() => catalogue.load())
  notices.tell({ text: words.isChanged(look.name) })
  open.value = false
}
</script>

<template>
  <FormDialog
    v-model="open"
    :title="words.cssOf(look.name)"
    :width="1040"
    :save="words.palette.save"
    :sending="sending"
    :problem="problem"
    :changed="changed"
    @send="save"
  >
    <OwnCss
      beside
      :css="values.css"
      :targets="styleTargets"
      scope="[data-placement]"
      @change="values.css = $event"
    >
      <SpecimenFrame :document="specimen({ ...look, css: values.css })" :height="230" :scale="0.62" />
    </OwnCss>
  </FormDialog>
</template>
