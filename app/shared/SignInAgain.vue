<script setup lang="ts">
import { computed } from 'vue'
import { object, string } from 'yup'
import { faultsOf, parseWith } from '~~/core/parsing'
import { useSession } from '../stores/session'
import FormDialog from './FormDialog.vue'
import { useForm } from './form'
import { words } from './words'

/** Stands over any screen when a session has ended: what was being sent is sent after it. */
const session = useSession()

const schema = object({ password: string().required(words.again.missing) })
const form = useForm({ password: '' }, (typed) => faultsOf(parseWith(schema, typed)))
const { values, faults, sending, problem } = form

const open = computed({
  get: () => session.asksAgain,
  set: (isOpen) => isOpen || end(false),
})

function end(isSignedIn: boolean) {
  form.reset({ password: '' })
  session.answerAgain(isSignedIn)
}

async function signIn() {
  const email = session.account?.email ?? ''
  const done = await form.send(async () => (await session.signIn(email, values.password), true))
  if (done === true) end(true)
}
</script>

<template>
  <FormDialog
    v-model="open"
    :width="420"
    :title="words.again.title"
    :save="words.again.save"
    :sending="sending"
    :problem="problem"
    :changed="false"
    @send="signIn"
  >
    <p class="text">{{ words.again.text(session.account?.email ?? '') }}</p>
    <v-text-field
      v-model="values.password"
      type="password"
      :label="words.again.password"
      autocomplete="current-password"
      autofocus
      :error-messages="faults('password')"
    />
  </FormDialog>
</template>

<style scoped>
.text {
  margin-bottom: 4px;
  line-height: 1.45;
}
</style>
