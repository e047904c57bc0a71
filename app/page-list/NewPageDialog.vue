<script setup lang="ts">
import { navigateTo } from '#imports'
import { computed, ref, watch } from 'vue'
import { freePageAddress } from '~~/core/pages/address'
import type { FrameName } from '~~/core/pages/frames'
import { parseNewPage } from '~~/core/pages/page-input'
import type { NewPage } from '~~/core/pages/page-input'
import { readyMadePages, suitedCollection } from '~~/core/pages/ready-made'
import { faultsOf } from '~~/core/parsing'
import FramePlan from '../bench/FramePlan.vue'
import FormDialog from '../shared/FormDialog.vue'
import { useForm } from '../shared/form'
import { request } from '../shared/http'
import IconChoice from '../shared/settings/IconChoice.vue'
import { useCatalogue } from '../stores/catalogue'
import { words } from './words'

/** A new page: what it is called, where it stands, and what it begins with, shown as it will look. */
const open = defineModel<boolean>({ required: true })
const props = defineProps<{ taken: ReadonlySet<string> }>()
const catalogue = useCatalogue()

const nothing = 'nothing'
const emptyFrame: FrameName = 'main-side'
interface Typed {
  readonly title: string
  readonly address: string
  /** The name of a ready-made page, or nothing. */
  readonly begin: string
  readonly collection: number | null
}
const blank: Typed = { title: '', address: '', begin: nothing, collection: null }
const form = useForm<Typed>(blank, (values) => faultsOf(parseNewPage(askedFor(values))))
const { values, faults, leave, sending, problem, changed } = form
/** The address follows the title until it is typed itself. */
const isOwnAddress = ref(false)

watch(open, (shown) => {
  if (!shown) return
  isOwnAddress.value = false
  form.reset(blank)
})

function askedFor({ title, address, begin, collection }: Typed): NewPage {
  const named = { title: title.trim(), address: address.trim() }
  return begin === nothing
    ? { ...named, beginning: { with: 'frame', frame: emptyFrame } }
    : { ...named, beginning: { with: 'ready-made', name: begin, collection } }
}

const ready = computed(() => readyMadePages.find(values.begin))
const choices = [
  { value: nothing, title: words.nothing, about: words.nothingAbout },
  ...readyMadePages.all.map(({ name, title, about }) => ({ value: name, title, about })),
]
const about = computed(() => choices.find((one) => one.value === values.begin)?.about)
const suited = computed(() =>
  ready.value === undefined ? undefined : suitedCollection(ready.value, catalogue.catalogue.collections),
)
const sample = computed(() =>
  ready.value === undefined || suited.value === undefined
    ? null
    : `/api/bench/pages/ready-made/${ready.value.name}?collection=${values.collection ?? suited.value.id}`,
)

function setTitle(title: string) {
  values.title = title
  if (!isOwnAddress.value) values.address = title.trim() === '' ? '' : freePageAddress(title, props.taken)
}

function setAddress(address: string) {
  isOwnAddress.value = address !== ''
  values.address = address
}

function choose(begin: string) {
  values.begin = begin
  values.collection = null
}

async function make() {
  const made = await form.send(() => request<{ id: number }>('POST', '/api/bench/pages', askedFor(values)))
  if (made === null) return
  open.value = false
  await navigateTo(`/bench/pages/${made.id}`)
}
</script>

<template>
  <FormDialog
    v-model="open"
    :title="words.newTitle"
    :save="words.make"
    :sending="sending"
    :problem="problem"
    :changed="changed"
    :width="1060"
    @send="make"
  >
    <div class="new-page">
      <div class="said">
        <v-text-field
          :model-value="values.title"
          :label="words.pageTitle"
          :error-messages="faults('title')"
          maxlength="160"
          autocomplete="off"
          autofocus
          @update:model-value="setTitle"
          @blur="values.title && leave('title')"
        />
        <v-text-field
          :model-value="values.address"
          :label="words.address"
          :hint="words.addressHint"
          :error-messages="faults('address')"
          maxlength="120"
          autocomplete="off"
          @update:model-value="setAddress"
          @blur="values.address && leave('address')"
        />
        <div>
          <p class="input-title" aria-hidden="true">{{ words.begin }}</p>
          <IconChoice
            v-slot="{ choice }"
            :label="words.begin"
            :value="values.begin"
            :choices="choices"
            @change="choose"
          >
            <FramePlan
              :frame="readyMadePages.find(choice.value)?.frame ?? emptyFrame"
              :empty="choice.value === nothing"
            />
          </IconChoice>
        </div>
        <p class="input-note">{{ about }}</p>
      </div>
      <section class="shown" :aria-label="words.preview">
        <template v-if="sample">
          <v-select
            :model-value="values.collection ?? suited?.id"
            :items="[...catalogue.catalogue.collections]"
            item-title="name"
            item-value="id"
            :label="words.mainly"
            :error-messages="faults('beginning')"
            @update:model-value="values.collection = $event"
          />
          <span class="look"><iframe :title="words.preview" :src="sample" tabindex="-1" /></span>
          <p class="input-note">{{ words.previewHint }}</p>
        </template>
        <p v-else class="blank">{{ ready ? words.noCollection : words.nothingAbout }}</p>
      </section>
    </div>
  </FormDialog>
</template>

<style scoped>
.new-page {
  --columns: 3;

  display: grid;
  grid-template-columns: minmax(0, 5fr) minmax(0, 6fr);
  gap: 16px 28px;
}

.said,
.shown {
  display: grid;
  align-content: start;
  gap: 14px;
}

.look {
  position: relative;
  overflow: hidden;
  aspect-ratio: 16 / 13;
  border: 1px solid var(--line);
  border-radius: 9px;
  container-type: inline-size;
}

iframe {
  position: absolute;
  inset: 0;
  width: 1280px;
  height: 1040px;
  border: 0;
  pointer-events: none;
  transform-origin: 0 0;
  transform: scale(tan(atan2(100cqw, 1280px)));
}

.blank {
  display: grid;
  place-items: center;
  min-height: 240px;
  height: 100%;
  padding: 24px;
  border: 1px dashed var(--line);
  border-radius: 9px;
  text-align: center;
  color: var(--soft);
}

@media (width < 760px) {
  .new-page {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
