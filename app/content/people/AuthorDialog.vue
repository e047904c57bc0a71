<script setup lang="ts">
import { watch } from 'vue'
import { parseAuthorInput } from '~~/core/people'
import type { AuthorInput, AuthorRow } from '~~/core/people'
import { faultsOf } from '~~/core/parsing'
import FormDialog from '../../shared/FormDialog.vue'
import { useForm } from '../../shared/form'
import { request } from '../../shared/http'
import FieldMessages from '../FieldMessages.vue'
import MediaChoice from '../media/MediaChoice.vue'
import { useSession } from '../../stores/session'
import { peopleWords } from './words'

/** An author: name, a few words and a portrait. */
const open = defineModel<boolean>({ required: true })
const props = defineProps<{ author: AuthorRow | null }>()
const emit = defineEmits<{ saved: [name: string]; remove: [author: AuthorRow] }>()

const blank: AuthorInput = { name: '', about: '', portraitId: null }
const session = useSession()
const form = useForm<AuthorInput>(blank, (values) => faultsOf(parseAuthorInput(inputOf(values))))
const { values, faults, leave, sending, problem, changed } = form

watch(open, (shown) => shown && form.reset(props.author === null ? blank : inputOf(props.author)))

function inputOf({ name, about, portraitId }: AuthorInput): AuthorInput {
  return { name, about, portraitId }
}

async function save() {
  const { author } = props
  const saved = await form.send(() =>
    author === null
      ? request('POST', '/api/bench/authors', inputOf(values))
      : request('PUT', `/api/bench/authors/${author.id}`, inputOf(values)),
  )
  if (saved === null) return
  open.value = false
  emit('saved', values.name)
}
</script>

<template>
  <FormDialog
    v-model="open"
    :title="author === null ? peopleWords.new : peopleWords.edit(author.name)"
    :save="peopleWords.save"
    :sending="sending"
    :problem="problem"
    :changed="changed"
    :remove="author && session.maySetUp ? peopleWords.delete : undefined"
    @send="save"
    @remove="author && emit('remove', author)"
  >
    <v-text-field
      v-model="values.name"
      :label="peopleWords.name"
      :error-messages="faults('name')"
      autocomplete="off"
      autofocus
      @blur="leave('name')"
    />
    <v-textarea
      v-model="values.about"
      :label="peopleWords.about"
      rows="2"
      auto-grow
      :error-messages="faults('about')"
      @blur="leave('about')"
    />
    <section :aria-label="peopleWords.portrait">
      <p class="input-title">{{ peopleWords.portrait }}</p>
      <MediaChoice v-model="values.portraitId" :kinds="['picture']" :name="peopleWords.portrait" />
      <FieldMessages :faults="faults('portraitId')" />
    </section>
  </FormDialog>
</template>
