<script setup lang="ts">
import { watch } from 'vue'
import type { NamedEntry } from '~~/core/content/answers'
import type { Pick } from '~~/core/listing/from'
import { pickSchema } from '~~/core/listing/from'
import { faultsOf, parseWith } from '~~/core/parsing'
import MediaChoice from '../../content/media/MediaChoice.vue'
import FormDialog from '../../shared/FormDialog.vue'
import { useForm } from '../../shared/form'
import { words } from './words'

/** What a listing says of a picked entry instead of the entry's own words. */
const pick = defineModel<Pick | null>({ required: true })
defineProps<{ title: string; entry: NamedEntry | undefined }>()
const emit = defineEmits<{ save: [pick: Pick] }>()

interface Own {
  readonly title: string
  readonly summary: string
  readonly picture: number | null
  readonly address: string
}

const blank: Own = { title: '', summary: '', picture: null, address: '' }
const form = useForm<Own>(blank, (own) => faultsOf(parseWith(pickSchema, pickOf(own))))
const { values, faults, leave, sending, problem, changed } = form

watch(pick, (shown) => {
  if (shown !== null)
    form.reset({
      title: shown.title ?? '',
      summary: shown.summary ?? '',
      picture: shown.picture ?? null,
      address: shown.address ?? '',
    })
})

/** Only what differs from the entry's own is kept. */
function pickOf({ title, summary, picture, address }: Own): Pick {
  return {
    entry: pick.value?.entry ?? 1,
    ...(title.trim() === '' ? {} : { title: title.trim() }),
    ...(summary.trim() === '' ? {} : { summary: summary.trim() }),
    ...(picture === null ? {} : { picture }),
    ...(address.trim() === '' ? {} : { address: address.trim() }),
  }
}

async function save() {
  const saved = await form.send(async () => pickOf(values))
  if (saved === null) return
  emit('save', saved)
  pick.value = null
}
</script>

<template>
  <FormDialog
    :model-value="pick !== null"
    :title="words.ownTitle(title)"
    :save="words.saveOwn"
    :sending="sending"
    :problem="problem"
    :changed="changed"
    @update:model-value="pick = null"
    @send="save"
  >
    <v-text-field
      v-model="values.title"
      :label="words.title"
      :placeholder="entry?.title"
      persistent-placeholder
      :hint="words.ownHint"
      persistent-hint
      :error-messages="faults('title')"
      autocomplete="off"
      autofocus
      @blur="leave('title')"
    />
    <v-textarea
      v-model="values.summary"
      :label="words.summary"
      :placeholder="entry?.summary"
      persistent-placeholder
      rows="2"
      auto-grow
      :error-messages="faults('summary')"
      @blur="leave('summary')"
    />
    <v-text-field
      v-model="values.address"
      :label="words.address"
      placeholder="/page"
      :error-messages="faults('address')"
      autocomplete="off"
      @blur="leave('address')"
    />
    <section :aria-label="words.picture">
      <p class="input-title">{{ words.picture }}</p>
      <MediaChoice
        v-model="values.picture"
        :kinds="['picture']"
        :name="words.picture"
        :otherwise="entry?.pictureId ?? null"
        :otherwise-name="words.ownPicture"
      />
    </section>
  </FormDialog>
</template>
