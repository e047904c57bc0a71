<script setup lang="ts">
import { computed, watch } from 'vue'
import { faultsOf } from '~~/core/parsing'
import { noFacts, parseSiteFacts } from '~~/core/site-facts'
import type { SavedSiteFacts } from '~~/core/site-facts'
import FieldMessages from '../content/FieldMessages.vue'
import MediaChoice from '../content/media/MediaChoice.vue'
import FormDialog from '../shared/FormDialog.vue'
import { useForm } from '../shared/form'
import { request } from '../shared/http'
import { zonesWith } from '../shared/zones'
import { useNotices } from '../stores/notices'
import { languages } from './languages'
import { words } from './words'

/** Changes what the site says of itself. */
const open = defineModel<boolean>({ required: true })
const props = defineProps<{ facts: SavedSiteFacts }>()
const emit = defineEmits<{ saved: [] }>()
const notices = useNotices()
const form = useForm<SavedSiteFacts>({ ...noFacts }, (facts) => faultsOf(parseSiteFacts(asked(facts))))
const { values, faults, leave, sending, problem, changed } = form
const zones = computed(() => [...zonesWith(props.facts.zone)])

watch(open, (isOpen) => isOpen && form.reset({ ...props.facts }), { immediate: true })

function asked(facts: SavedSiteFacts): SavedSiteFacts {
  return {
    ...facts,
    name: facts.name.trim(),
    tagline: facts.tagline.trim(),
    address: facts.address.trim().replace(/\/$/, ''),
    readingPace: Number(facts.readingPace),
  }
}

async function save() {
  const saved = await form.send(() => request<SavedSiteFacts>('PUT', '/api/bench/site/facts', asked(values)))
  if (saved === null) return
  open.value = false
  const isLookedThrough = values.locale !== props.facts.locale
  notices.tell({ text: isLookedThrough ? words.about.savedAnew : words.about.saved })
  emit('saved')
}
</script>

<template>
  <FormDialog
    v-model="open"
    :title="words.about.dialog"
    :width="560"
    :save="words.about.save"
    :sending="sending"
    :problem="problem"
    :changed="changed"
    @send="save"
  >
    <v-text-field
      v-model="values.name"
      :label="words.about.name"
      :error-messages="faults('name')"
      maxlength="80"
      autocomplete="off"
      autofocus
      @blur="leave('name')"
    />
    <v-text-field
      v-model="values.tagline"
      :label="words.about.tagline"
      :hint="words.about.taglineHint"
      persistent-hint
      :error-messages="faults('tagline')"
      maxlength="200"
      autocomplete="off"
      @blur="leave('tagline')"
    />
    <v-text-field
      v-model="values.address"
      :label="words.about.address"
      :hint="words.about.addressHint"
      persistent-hint
      :error-messages="faults('address')"
      maxlength="200"
      autocomplete="off"
      inputmode="url"
      @blur="leave('address')"
    />
    <v-autocomplete
      v-model="values.locale"
      :label="words.about.locale"
      :items="languages"
      :hint="words.about.localeHint"
      persistent-hint
      :error-messages="faults('locale')"
      auto-select-first
      @blur="leave('locale')"
    />
    <v-autocomplete
      v-model="values.zone"
      :label="words.about.zone"
      :items="zones"
      :hint="words.about.zoneHint"
      persistent-hint
      :error-messages="faults('zone')"
      auto-select-first
      @blur="leave('zone')"
    />
    <v-text-field
      v-model="values.readingPace"
      type="number"
      inputmode="numeric"
      :label="words.about.pace"
      :hint="words.about.paceHint"
      persistent-hint
      :error-messages="faults('readingPace')"
      @blur="leave('readingPace')"
    />
    <section class="icon" :aria-label="words.about.icon">
      <p class="input-title">{{ words.about.icon }}</p>
      <p class="input-note">{{ words.about.iconHint }}</p>
      <MediaChoice v-model="values.iconId" :kinds="['picture']" :name="words.about.icon" />
      <FieldMessages :faults="faults('iconId')" />
    </section>
  </FormDialog>
</template>

<style scoped>
.icon {
  display: grid;
  gap: 6px;
}
</style>
