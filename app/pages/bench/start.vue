<script setup lang="ts">
import { navigateTo } from '#imports'
import { faultsOf } from '~~/core/parsing'
import { parseFirstOwner } from '~~/core/people'
import DoorForm from '../../shared/DoorForm.vue'
import DoorSheet from '../../shared/DoorSheet.vue'
import { useForm } from '../../shared/form'
import { request } from '../../shared/http'
import { words } from '../../site/words'
import { useSession } from '../../stores/session'
import type { Account } from '../../stores/session'

/** Where the first owner of a new site makes their account. */
const session = useSession()
const { values, faults, leave, send, sending, problem } = useForm(
  { code: '', name: '', email: '', password: '' },
  (typed) => faultsOf(parseFirstOwner(typed)),
)
const fields = [
  { key: 'code', type: 'text', autocomplete: 'one-time-code' },
  { key: 'name', type: 'text', autocomplete: 'name' },
  { key: 'email', type: 'email', autocomplete: 'username' },
  { key: 'password', type: 'password', autocomplete: 'new-password' },
] as const

async function begin() {
  const account = await send(() => request<Account>('POST', '/api/first-owner', { ...values }))
  if (account === null) return
  session.take(account)
  await navigateTo('/bench')
}
</script>

<template>
  <DoorSheet :title="words.start.title">
    <p>{{ words.start.text }}</p>
    <DoorForm :action="words.start.send" :sending="sending" :problem="problem" @send="begin">
      <v-text-field
        v-for="field in fields"
        :key="field.key"
        v-model="values[field.key]"
        :type="field.type"
        :label="words.start[field.key]"
        :autocomplete="field.autocomplete"
        :autofocus="field.key === 'code'"
        :error-messages="faults(field.key)"
        @blur="values[field.key] && leave(field.key)"
      />
    </DoorForm>
  </DoorSheet>
</template>
