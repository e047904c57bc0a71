<script setup lang="ts">
import { watch } from 'vue'
import { faultsOf } from '~~/core/parsing'
import { parsePasswordChange } from '~~/core/people'
import SheetDialog from './SheetDialog.vue'
import { useNotices } from '../stores/notices'
import { useForm } from './form'
import { request } from './http'
import { words } from './words'

/** One's own password, changed by giving the present one. */
const open = defineModel<boolean>({ required: true })
const notices = useNotices()
const form = useForm({ current: '', next: '' }, (values) => faultsOf(parsePasswordChange({ ...values })))
const { values, faults, leave, sending, problem } = form

watch(open, (shown) => shown && form.reset({ current: '', next: '' }))

async function save() {
  const done = await form.send(() => request('PUT', '/api/bench/password', { ...values }))
  if (done === null) return
  open.value = false
  notices.tell({ text: words.password.done })
}
</script>

<template>
  <SheetDialog v-model="open" :width="420" :title="words.password.title">
    <form novalidate class="sheet-form" @submit.prevent="save">
      <p v-if="problem && problem.details.faults.length === 0" role="alert">{{ problem.message }}</p>
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
    </form>

    <template #actions>
      <v-btn height="36" @click="open = false">{{ words.cancel }}</v-btn>
      <v-btn height="36" variant="flat" color="primary" :loading="sending" @click="save">{{ words.password.save }}</v-btn>
    </template>
  </SheetDialog>
</template>
