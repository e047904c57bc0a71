<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { TermRow } from '~~/core/content/answers'
import { collectionIcons } from '~~/core/content/collection'
import { slugOf } from '~~/core/content/slug'
import { parseTermInput } from '~~/core/content/term-input'
import type { TermInput } from '~~/core/content/term-input'
import { faultsOf } from '~~/core/parsing'
import FormDialog from '../../shared/FormDialog.vue'
import { useForm } from '../../shared/form'
import { request } from '../../shared/http'
import { iconPaths } from '~~/site/icons'
import MediaChoice from '../media/MediaChoice.vue'
import { facetWords } from './words'

/** A term: made under a parent, or changed. */
const open = defineModel<boolean>({ required: true })
const props = defineProps<{
  facet: { readonly id: number; readonly slug: string }
  term: TermRow | null
  parentId: number | null
}>()
const emit = defineEmits<{ saved: [name: string] }>()

const blank: TermInput = { name: '', slug: '', description: '', pictureId: null, icon: '', colour: '' }
const form = useForm<TermInput>(blank, (values) => faultsOf(parseTermInput(inputOf(values))))
const { values, faults, leave, sending, problem, changed } = form
const slugFollows = ref(true)
const icons = computed(() => [
  { value: '', title: facetWords.noIcon },
  ...collectionIcons.map((value) => ({ value, title: value })),
])

watch(open, (shown) => {
  if (!shown) return
  slugFollows.value = props.term === null
  form.reset(props.term === null ? blank : inputOf(props.term))
})

function inputOf({ name, slug, description, pictureId, icon, colour }: TermInput): TermInput {
  return { name, slug, description, pictureId, icon, colour }
}

function setName(name: string) {
  values.name = name
  if (slugFollows.value) values.slug = slugOf(name)
}

async function save() {
  const { term, facet, parentId } = props
  const saved = await form.send(() =>
    term === null
      ? request('POST', `/api/bench/facets/${facet.id}/terms`, { parentId, term: inputOf(values) })
      : request('PUT', `/api/bench/terms/${term.id}`, inputOf(values)),
  )
  if (saved === null) return
  open.value = false
  emit('saved', values.name)
}
</script>

<template>
  <FormDialog
    v-model="open"
    :width="520"
    :title="term === null ? facetWords.newTerm : facetWords.term(term.name)"
    :save="facetWords.saveTerm"
    :sending="sending"
    :problem="problem"
    :changed="changed"
    @send="save"
  >
    <v-text-field
      :label="facetWords.name"
      :model-value="values.name"
      :error-messages="faults('name')"
      autocomplete="off"
      autofocus
      @update:model-value="setName($event ?? '')"
      @blur="leave('name')"
    />
    <v-text-field
      :label="facetWords.slug"
      :prefix="`/${facet.slug}/`"
      :model-value="values.slug"
      :error-messages="faults('slug')"
      autocomplete="off"
      @update:model-value="((slugFollows = false), (values.slug = $event ?? ''))"
      @blur="leave('slug')"
    />
    <v-textarea
      v-model="values.description"
      :label="facetWords.description"
      rows="2"
      auto-grow
      :error-messages="faults('description')"
      @blur="leave('description')"
    />
    <div class="signs">
      <v-select v-model="values.icon" :items="icons" :label="facetWords.icon">
        <template #selection="{ item }">
          <v-icon v-if="values.icon" :icon="iconPaths[values.icon]" size="18" class="chosen-icon" />{{
            item.title
          }}
        </template>
      </v-select>
      <v-text-field
        v-model="values.colour"
        :label="facetWords.colour"
        placeholder="#a8431f"
        :error-messages="faults('colour')"
        autocomplete="off"
        @blur="leave('colour')"
      />
    </div>
    <section :aria-label="facetWords.picture">
      <p class="input-title">{{ facetWords.picture }}</p>
      <MediaChoice v-model="values.pictureId" :kinds="['picture']" :name="facetWords.picture" />
    </section>
  </FormDialog>
</template>

<style scoped>
.signs {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
}

.chosen-icon {
  margin-right: 8px;
}
</style>
