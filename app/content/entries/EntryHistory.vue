<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { EditedEntry, EntryVersion } from '~~/core/content/answers'
import { formatDate } from '~~/core/formats/dates'
import SheetDialog from '../../shared/SheetDialog.vue'
import { useAnswer } from '../../shared/answers'
import { RequestProblem, request } from '../../shared/http'
import { useCatalogue } from '../../stores/catalogue'
import { words } from '../words'
import { versionWords } from './words'

/** Who did what to an entry and when, and the way back to each version. */
const open = defineModel<boolean>({ required: true })
const props = defineProps<{ entry: EditedEntry }>()
const emit = defineEmits<{ restored: [entry: EditedEntry, date: string] }>()
const catalogue = useCatalogue()
const list = useAnswer<readonly EntryVersion[]>(
  () => (open.value ? { path: `/api/bench/entries/${props.entry.id}/versions` } : null),
  { keep: false },
)
const versions = list.answer
const refused = ref<string | null>(null)
const failure = computed(() => refused.value ?? list.failure.value)

watch(open, () => (refused.value = null))

function tell(error: unknown): null {
  refused.value = error instanceof RequestProblem ? error.message : String(error)
  return null
}

function date(version: EntryVersion): string {
  return formatDate(version.savedAt, catalogue.catalogue, 'time')
}

/** What differs from the version before, in a few words; empty where nothing does. */
function changes({ changed, changedFields }: EntryVersion): string {
  const names = [...changed.map((part) => versionWords.parts[part]), ...changedFields]
  return names.join(', ')
}

async function goBack(version: EntryVersion) {
  const path = `/api/bench/entries/${props.entry.id}/versions/${version.version}/restore`
  const entry = await request<EditedEntry>('POST', path, { version: props.entry.version }).catch(tell)
  if (entry === null) return
  open.value = false
  emit('restored', entry, date(version))
}
</script>

<template>
  <SheetDialog v-model="open" :width="620" :title="versionWords.title(entry.title)">
    <p v-if="failure" class="fault" role="alert">{{ failure }}</p>
    <p v-else-if="versions?.length === 0">{{ versionWords.none }}</p>
    <ol>
      <li v-for="version in versions" :key="version.version">
        <span class="when tabular">{{ date(version) }}</span>
        <span class="what">
          <strong>{{ versionWords.actions[version.action] }}</strong>
          {{ versionWords.by(version.savedBy) }}
          <span v-if="changes(version)" class="changes">{{ versionWords.changed(changes(version)) }}</span>
          <span class="title">{{ version.title }} · {{ words.states[version.status] }}</span>
        </span>
        <span v-if="version.version === entry.version" class="present">{{ versionWords.present }}</span>
        <v-btn v-else height="32" @click="goBack(version)">{{ versionWords.back }}</v-btn>
      </li>
    </ol>
  </SheetDialog>
</template>

<style scoped>
ol {
  padding: 0;
  list-style: none;
}

li {
  display: grid;
  grid-template-columns: 136px minmax(0, 1fr) auto;
  align-items: center;
  gap: 14px;
  min-height: 52px;
  padding-block: 6px;
  border-top: 1px solid var(--line);
}

li:first-child {
  border-top: 0;
}

.when,
.title,
.present {
  font-size: var(--size-note);
  color: var(--soft);
}

.changes {
  display: block;
  font-size: var(--size-small);
}

.title {
  display: block;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}

.present {
  padding-inline: 12px;
}

.fault {
  color: rgb(var(--v-theme-error));
}
</style>
