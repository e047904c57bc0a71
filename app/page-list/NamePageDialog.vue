<script setup lang="ts">
import { computed, watch } from 'vue'
import { isPattern } from '~~/core/content/entry-address'
import type { PageRow } from '~~/core/pages/answers'
import { parseNamedPage } from '~~/core/pages/page-input'
import { faultsOf } from '~~/core/parsing'
import FormDialog from '../shared/FormDialog.vue'
import { useForm } from '../shared/form'
import { request } from '../shared/http'
import { words } from './words'

/** What a page is called, and where visitors find it. */
const open = defineModel<boolean>({ required: true })
const props = defineProps<{ page: PageRow | null }>()
const emit = defineEmits<{ saved: [title: string] }>()

const form = useForm({ title: '', address: '' }, (values) =>
  faultsOf(parseNamedPage({ ...asked(values), version: 1 })),
)
const { values, faults, leave, sending, problem, changed } = form
const isFixed = computed(() => props.page !== null && (props.page.path === '/' || isPattern(props.page.path)))
const hint = computed(() => {
  if (!isFixed.value) return words.moved
  return props.page?.path === '/' ? words.frontAddress : words.fixedAddress
})

watch(open, (shown) => {
  if (shown && props.page !== null) form.reset({ title: props.page.title, address: props.page.path })
})

function asked({ title, address }: { readonly title: string; readonly address: string }) {
  return { title: title.trim(), address: isFixed.value ? null : address.trim() }
}

async function save() {
  const { page } = props
  if (page === null) return
  const named = { ...asked(values), version: page.version }
  const saved = await form.send(() => request('PUT', `/api/bench/pages/${page.id}`, named))
  if (saved === null) return
  open.value = false
  emit('saved', named.title)
}
</script>

<template>
  <FormDialog
    v-model="open"
    :title="words.nameTitle(page?.title ?? '')"
    :save="words.save"
    :sending="sending"
    :problem="problem"
    :changed="changed"
    @send="save"
  >
    <v-text-field
      v-model="values.title"
      :label="words.pageTitle"
      :error-messages="faults('title')"
      maxlength="160"
      autocomplete="off"
      autofocus
      @blur="leave('title')"
    />
    <v-text-field
      v-model="values.address"
      :label="words.address"
      :hint="hint"
      persistent-hint
      :readonly="isFixed"
      :error-messages="faults('address')"
      maxlength="120"
      autocomplete="off"
      @blur="leave('address')"
    />
  </FormDialog>
</template>
