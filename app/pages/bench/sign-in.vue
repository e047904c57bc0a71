<script setup lang="ts">
import { navigateTo, useRoute } from '#imports'
import { object, string } from 'yup'
import { faultsOf, parseWith } from '~~/core/parsing'
import DoorForm from '../../shared/DoorForm.vue'
import DoorSheet from '../../shared/DoorSheet.vue'
import { useForm } from '../../shared/form'
import { useSession } from '../../stores/session'

const words = {
  title: 'Sign in',
  email: 'Mail address',
  password: 'Password',
  send: 'Sign in',
  demo: 'This is the demo site. Its account:',
  fill: 'Fill in',
}

const schema = object({
  email: string().required('Type your mail address.'),
  password: string().required('Type your password.'),
})
const session = useSession()
const route = useRoute()
const { values, faults, leave, send, sending, problem } = useForm({ email: '', password: '' }, (typed) =>
  faultsOf(parseWith(schema, typed)),
)

async function signIn() {
  const done = await send(async () => {
    await session.signIn(values.email, values.password)
    return true
  })
  if (done) await navigateTo(nextPath(route.query.next))
}

/** Only ways within the bench: an address of another site must not be followed. */
function nextPath(next: unknown): string {
  return typeof next === 'string' && /^\/bench(?:[/?]|$)/.test(next) ? next : '/bench'
}

function fillIn() {
  if (session.demo) Object.assign(values, session.demo)
}
</script>

<template>
  <DoorSheet :title="words.title">
    <DoorForm :action="words.send" :sending="sending" :problem="problem" @send="signIn">
      <v-text-field
        v-model="values.email"
        :label="words.email"
        type="email"
        autocomplete="username"
        autofocus
        :error-messages="faults('email')"
        @blur="values.email && leave('email')"
      />
      <v-text-field
        v-model="values.password"
        :label="words.password"
        type="password"
        autocomplete="current-password"
        :error-messages="faults('password')"
      />
    </DoorForm>
    <div v-if="session.demo" class="demo">
      <p>{{ words.demo }}</p>
      <dl>
        <dt>{{ words.email }}</dt>
        <dd>{{ session.demo.email }}</dd>
        <dt>{{ words.password }}</dt>
        <dd>{{ session.demo.password }}</dd>
      </dl>
      <v-btn height="32" @click="fillIn">{{ words.fill }}</v-btn>
    </div>
  </DoorSheet>
</template>

<style scoped>
.demo {
  display: grid;
  grid-template-columns: 1fr auto;
  align-items: end;
  gap: 8px;
  margin-top: 24px;
  padding-top: 18px;
  border-top: 1px solid var(--line);
}

.demo p {
  grid-column: 1 / -1;
  color: var(--soft);
}

dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 2px 12px;
  font-size: var(--size-small);
}

dt {
  color: var(--soft);
}

dd {
  margin: 0;
  font-weight: 600;
}
</style>
