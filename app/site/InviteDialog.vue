<script setup lang="ts">
import { ref, watch } from 'vue'
import { faultsOf } from '~~/core/parsing'
import { parseInvitationInput, roles } from '~~/core/people'
import type { InvitationInput } from '~~/core/people'
import FormDialog from '../shared/FormDialog.vue'
import SheetDialog from '../shared/SheetDialog.vue'
import { copyText } from '../shared/clipboard'
import { useForm } from '../shared/form'
import { request } from '../shared/http'
import { words } from './words'

/** Inviting somebody: who, as what, then the link to send them. */
const open = defineModel<boolean>({ required: true })
const emit = defineEmits<{ invited: [] }>()
const form = useForm<InvitationInput>({ email: '', name: '', role: 'writer' }, (values) =>
  faultsOf(parseInvitationInput({ ...values })),
)
const { values, faults, leave, sending, problem, changed } = form
const link = ref<string | null>(null)
const roleItems = roles.map((value) => ({ value, title: words.roles[value] }))

watch(open, (shown) => {
  if (!shown) return
  link.value = null
  form.reset({ email: '', name: '', role: 'writer' })
})

async function send() {
  const made = await form.send(() =>
    request<{ token: string }>('POST', '/api/bench/invitations', { ...values }),
  )
  if (made === null) return
  link.value = `${location.origin}/bench/invitation?token=${made.token}`
  emit('invited')
}

function copy() {
  return copyText(link.value ?? '', words.copied)
}
</script>

<template>
  <FormDialog
    v-if="link === null"
    v-model="open"
    :title="words.inviteTitle"
    :save="words.makeLink"
    :sending="sending"
    :problem="problem"
    :changed="changed"
    @send="send"
  >
    <v-text-field
      v-model="values.name"
      :label="words.name"
      autocomplete="off"
      autofocus
      :error-messages="faults('name')"
      @blur="values.name && leave('name')"
    />
    <v-text-field
      v-model="values.email"
      :label="words.email"
      type="email"
      autocomplete="off"
      :error-messages="faults('email')"
      @blur="values.email && leave('email')"
    />
    <v-select
      v-model="values.role"
      :items="roleItems"
      :label="words.roleLabel"
      :error-messages="faults('role')"
    />
  </FormDialog>
  <SheetDialog v-else v-model="open" :title="words.linkTitle(values.name)">
    <div class="sheet-form">
      <p>{{ words.linkText }}</p>
      <v-text-field :model-value="link" :label="words.link" readonly />
    </div>

    <template #actions>
      <v-btn height="36" @click="copy">{{ words.copy }}</v-btn>
      <v-btn height="36" variant="flat" color="primary" @click="open = false">{{ words.done }}</v-btn>
    </template>
  </SheetDialog>
</template>
