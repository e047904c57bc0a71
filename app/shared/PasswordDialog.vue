<script setup lang="ts">
import { watch } from 'vue'
import { faultsOf } from '~~/core/parsing'
import { parsePasswordChange } from '~~/core/people'
import FormDialog from './FormDialog.vue'
import { useNotices } from '../stores/notices'
import { useForm } from './form'
import { request } from './http'
import { words } from './words'

/** One's own password, changed by giving the present one. */
const open = defineModel<boolean>({ required: true })
const notices = useNotices()
const form = useForm({ current: '', next: '' }, (values) => faultsOf(parsePasswordChange({ ...values })))
const { values, faults, leave, sending, problem, changed } = form

watch(open, (shown) => shown && form.reset({ current: '', next: '' }))

async function save() {
  const done = await form.send(() => request('PUT', '/api/bench/password', { ...values }))
  if (done === null) return
  open.value = false
  notices.tell({ text: words.password.done })
}
</script>

<template>
  <FormDialog
    v-model="open"
    :width="420"
    :title="words.password.title"
    :save="words.password.save"
    :sending="sending"
    :problem="problem"
    :changed="changed"
    @send="save"
  >
    <v-text-field
      v-model="values.current"
      type="password"
      :label="words.password.current"
      autocomplete="current-password"
      autofocus
      :error-messages="faults('current')"
      @blur="values.current && leave('current')"
    />
    <v-text-field
      v-model="values.next"
      type="password"
      :label="words.password.next"
      :hint="words.password.hint"
      persistent-hint
      autocomplete="new-password"
      :error-messages="faults('next')"
      @blur="values.next && leave('next')"
    />
  </FormDialog>
</template>
