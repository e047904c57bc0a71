<script setup lang="ts">
import { navigateTo, useRoute } from '#imports'
import { ref } from 'vue'
import { object } from 'yup'
import { faultsOf, parseWith } from '~~/core/parsing'
import { passwordSchema } from '~~/core/people'
import BenchMark from '../../shared/BenchMark.vue'
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
const { values, faults, leave, send, sending, problem } = useForm({ password: '' }, (typed) => faultsOf(parseWith(schema, typed)))

void open()

async function open() {
  try {
    invited.value = await request('GET', `/api/invitation?token=${encodeURIComponent(token)}`)
  } catch (error) {
    failure.value = error instanceof RequestProblem ? error.message : String(error)
  }
}

async function accept() {
  const account = await send(() => request<Account>('POST', '/api/invitation', { token, password: values.password }))
  if (account === null) return
  session.take(account)
  await navigateTo('/bench')
}
</script>

<template>
  <main class="invitation">
    <div class="sheet">
      <BenchMark />
      <h1>{{ words.invitation.title }}</h1>
      <p v-if="failure" role="alert">{{ failure }}</p>
      <form v-else-if="invited" novalidate @submit.prevent="accept">
        <p>{{ words.invitation.text(invited.name, invited.email) }}</p>
        <p v-if="problem && problem.details.faults.length === 0" role="alert">{{ problem.message }}</p>
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
        <v-btn type="submit" variant="flat" color="primary" height="42" :loading="sending">{{ words.invitation.accept }}</v-btn>
      </form>
    </div>
  </main>
</template>

<style scoped>
.invitation {
  display: grid;
  place-items: center;
  min-height: 100vh;
  padding: 24px;
  background: var(--kraft);
}

.sheet {
  width: 100%;
  max-width: 400px;
  padding: 32px;
  border-radius: 9px;
  background: #fff;
}

h1 {
  margin: 20px 0 12px;
  font-size: 24px;
  letter-spacing: -0.015em;
}

form {
  display: grid;
  gap: 16px;
}
</style>
