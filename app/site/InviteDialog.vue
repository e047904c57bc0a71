<script setup lang="ts">
import { ref, watch } from 'vue'
import { faultsOf } from '~~/core/parsing'
import { parseInvitationInput, roles } from '~~/core/people'
import type { InvitationInput } from '~~/core/people'
import SheetDialog from '../shared/SheetDialog.vue'
import { useForm } from '../shared/form'
import { request } from '../shared/http'
import { words as shared } from '../shared/words'
import { useNotices } from '../stores/notices'
import { words } from './words'

/** Inviting somebody: who, as what, then the link to send them. */
const open = defineModel<boolean>({ required: true })
const emit = defineEmits<{ invited: [] }>()
const notices = useNotices()
const form = useForm<InvitationInput>({ email: '', name: '', role: 'writer' }, (values) => faultsOf(parseInvitationInput({ ...values })))
const { values, faults, leave, sending, problem } = form
const link = ref<string | null>(null)
const roleItems = roles.map((value) => ({ value, title: words.roles[value] }))

watch(open, (shown) => {
  if (!shown) return
  link.value = null
  form.reset({ email: '', name: '', role: 'writer' })
})

async function send() {
  const made = await form.send(() => request<{ token: string }>('POST', '/api/bench/invitations', { ...values }))
  if (made === null) return
  link.value = `${location.origin}/bench/invitation?token=${made.token}`
  emit('invited')
}

async function copy() {
  await navigator.clipboard.writeText(link.value ?? '')
  notices.tell({ text: words.copied })
}
</script>

<template>
  <SheetDialog v-model="open" :title="link === null ? words.inviteTitle : words.linkTitle(values.name)">
    <form v-if="link === null" novalidate class="sheet-form" @submit.prevent="send">
      <p v-if="problem && problem.details.faults.length === 0" role="alert">{{ problem.message }}</p>
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
      <v-select v-model="values.role" :items="roleItems" :label="words.roleLabel" :error-messages="faults('role')" />
    </form>
    <div v-else class="sheet-form">
      <p>{{ words.linkText }}</p>
      <v-text-field :model-value="link" :label="words.link" readonly />
    </div>

    <template #actions>
      <template v-if="link === null">
        <v-btn height="36" @click="open = false">{{ shared.cancel }}</v-btn>
        <v-btn height="36" variant="flat" color="primary" :loading="sending" @click="send">{{ words.makeLink }}</v-btn>
      </template>
      <template v-else>
        <v-btn height="36" @click="copy">{{ words.copy }}</v-btn>
        <v-btn height="36" variant="flat" color="primary" @click="open = false">{{ words.done }}</v-btn>
      </template>
    </template>
  </SheetDialog>
</template>
