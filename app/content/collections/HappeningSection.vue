<script setup lang="ts">
import { computed, ref } from 'vue'
import type { CollectionSummary } from '~~/core/content/catalogue'
import { useCatalogue } from '../../stores/catalogue'
import { useNotices } from '../../stores/notices'
import HappeningDialog from './HappeningDialog.vue'
import { chosenFor } from './happening-form'
import type { AskedPart } from './happening-form'
import { happeningWords as words } from './words'

/** When and where the entries of a collection happen: which fields say so. */
const props = defineProps<{ collection: CollectionSummary }>()
const catalogue = useCatalogue()
const notices = useNotices()
const open = ref(false)
const order: readonly AskedPart[] = ['start', 'until', 'wholeDays', 'repeats', 'zone', 'where', 'track']

const said = computed(() =>
  order.flatMap((part) => {
    const id = chosenFor(part, props.collection.happening)
    const field = props.collection.fields.find((one) => one.id === id)
    return field === undefined ? [] : [{ part, label: words.parts[part].label, name: field.name }]
  }),
)

async function saved() {
  await catalogue.load()
  notices.tell({ text: words.saved(props.collection.name) })
}
</script>

<template>
  <section :aria-label="words.title">
    <h2>{{ words.title }}</h2>
    <p v-if="said.length === 0" class="none">{{ words.none }}</p>
    <dl v-else>
      <div v-for="{ part, label, name } in said" :key="part">
        <dt>{{ label }}</dt>
        <dd>{{ name }}</dd>
      </div>
    </dl>
    <v-btn height="36" @click="open = true">{{ said.length === 0 ? words.begin : words.change }}</v-btn>
    <HappeningDialog v-model="open" :collection="collection" @saved="saved" />
  </section>
</template>

<style scoped>
section {
  margin-top: 36px;
}

h2 {
  font-size: var(--size-lead);
}

.none {
  margin: 2px 0 12px;
  font-size: var(--size-small);
  color: var(--soft);
}

dl {
  margin: 10px 0 14px;
  border-top: 1px solid var(--line);
}

dl div {
  display: grid;
  grid-template-columns: 168px minmax(0, 1fr);
  gap: 12px;
  align-items: baseline;
  min-height: 34px;
  padding: 6px 0;
  border-bottom: 1px solid var(--line);
}

dt {
  font-size: var(--size-small);
  color: var(--soft);
}

dd {
  margin: 0;
  font-weight: 600;
  overflow-wrap: anywhere;
}
</style>
