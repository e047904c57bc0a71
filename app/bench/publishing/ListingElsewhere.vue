<script setup lang="ts">
import { computed } from 'vue'
import { listingCalendar } from '~~/core/pages/calendar-file'
import { frameCode, loneAddress } from '~~/core/pages/listing-elsewhere'
import type { ListingElsewhere } from '~~/core/pages/listing-elsewhere'
import { useAnswer } from '../../shared/answers'
import { succeeded } from '../../shared/attempt'
import { copyText } from '../../shared/clipboard'
import { request } from '../../shared/http'
import SheetDialog from '../../shared/SheetDialog.vue'
import { useDraft } from '../../stores/bench/draft'
import { useCatalogue } from '../../stores/catalogue'
import { words } from './words'

/** Shows a listing at an address of its own, with the code that sets it into a page of another site. */
const open = defineModel<boolean>({ required: true })
const props = defineProps<{ listing: string }>()
const draft = useDraft()
const path = computed(() => `/api/bench/listings/${props.listing}/elsewhere`)
const {
  answer: elsewhere,
  failure,
  again,
} = useAnswer<ListingElsewhere>(() => (open.value ? { path: path.value } : null), { keep: false })
const name = computed(() => draft.document.listings[props.listing]?.name ?? '')
const address = computed(() => (elsewhere.value?.origin ?? '') + loneAddress(props.listing))
const catalogue = useCatalogue()
/** Where what it has that happens can be subscribed to; null where nothing of it ever does. */
const calendar = computed(() => {
  const asked = draft.document.listings[props.listing]?.from.collections ?? []
  const happens = catalogue.catalogue.collections.some(
    (one) => asked.includes(one.id) && one.happening.when !== null,
  )
  return happens ? (elsewhere.value?.origin ?? '') + listingCalendar(props.listing) : null
})
const code = computed(() => frameCode(elsewhere.value?.origin ?? '', props.listing, name.value))

async function show(isShown: boolean | null) {
  await succeeded(() => request('PUT', path.value, { isShown: isShown === true }))
  await again()
}

function copy() {
  return copyText(code.value, words.elsewhere.copied)
}
</script>

<template>
  <SheetDialog v-model="open" :width="620" :title="words.elsewhere.title(name)">
    <p v-if="failure" role="alert">{{ failure }}</p>
    <p v-else-if="elsewhere === undefined" role="status">{{ words.looking }}</p>
    <template v-else>
      <p>{{ words.elsewhere.hint }}</p>
      <v-switch
        :label="words.elsewhere.shown"
        :model-value="elsewhere.isShown"
        hide-details
        @update:model-value="show"
      />
      <template v-if="elsewhere.isShown">
        <a :href="address" target="_blank">{{ address }}</a>
        <v-textarea
          class="code"
          :label="words.elsewhere.code"
          :hint="words.elsewhere.codeHint"
          persistent-hint
          rows="4"
          auto-grow
          readonly
          :model-value="code"
        />
      </template>
      <template v-if="calendar">
        <p class="calendar">{{ words.elsewhere.calendar }}</p>
        <a :href="calendar" target="_blank">{{ calendar }}</a>
      </template>
    </template>
    <template #actions>
      <v-spacer />
      <v-btn variant="text" @click="open = false">{{ words.close }}</v-btn>
      <v-btn v-if="elsewhere?.isShown" variant="flat" color="primary" height="36" @click="copy">{{
        words.elsewhere.copy
      }}</v-btn>
    </template>
  </SheetDialog>
</template>

<style scoped>
p {
  margin-bottom: 8px;
}

.calendar {
  margin-top: 18px;
}

a {
  display: inline-block;
  margin: 4px 0 14px;
  line-height: 24px;
  overflow-wrap: anywhere;
  color: var(--leaf);
}

.code :deep(textarea) {
  font-family: ui-monospace, monospace;
  font-size: var(--size-small);
}
</style>
