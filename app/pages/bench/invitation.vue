<script setup lang="ts">
import { navigateTo, useRoute } from '#imports'
import { ref } from 'vue'
import { object } from 'yup'
import { faultsOf, parseWith } from '~~/core/parsing'
import { passwordSchema } from '~~/core/people'
import DoorForm from '../../shared/DoorForm.vue'
import DoorSheet from '../../shared/DoorSheet.vue'
import { useForm } from '../../shared/form'
import { RequestProblem, request } from '../../shared/http'
import { words } from '../../site/words'
import { useSession } from '../../stores/session'
import type { Account } from '../../stores/session'

const route = useRoute()
const session = useSession()
const token = String(route.query.token ?? '')
const invited = ref<{ name: string; email: string } | null>(null)
const failure = ref<string | null>(null)
const schema = object({ password: passwordSchema })
const { values, faults, leave, send, sending, problem } = useForm({ password: '' }, (typed) =>
  faultsOf(parseWith(schema, typed)),
)

void open()

async function open() {
  try {
    invited.value = await request('GET', `/api/invitation?token=${encodeURIComponent(token)}`)
  } catch (error) {
    failure.value = error instanceof RequestProblem ? error.message : String(error)
  }
}

async function accept() {
  const account = await send(() =>
    request<Account>('POST', '/api/invitation', { token, password: values.password }),
  )
  if (account === null) return
  session.take(account)
  await navigateTo('/bench')
}
</script>

<template>
  <DoorSheet :title="words.invitation.title">
    <p v-if="failure" role="alert">{{ failure }}</p>
    <DoorForm
      v-else-if="invited"
      :action="words.invitation.accept"
      :sending="sending"
      :problem="problem"
      @send="accept"
    >
      <p>{{ words.invitation.text(invited.name, invited.email) }}</p>
      <v-text-field
        v-model="values.password"
        type="password"
        :label="words.invitation.password"
        :hint="words.invitation.hint"
        persistent-hint
        autocomplete="new-password"
        autofocus
        :error-messages="faults('password')"
        @blur="values.password && leave('password')"
      />
    </DoorForm>
  </DoorSheet>
</template>
