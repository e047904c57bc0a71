<script setup lang="ts">
import { formatDate } from '~~/core/formats/dates'
import type { ListingVersion, PageVersion } from '~~/core/pages/answers'
import { useAnswer } from '../../shared/answers'
import SheetDialog from '../../shared/SheetDialog.vue'
import { useCatalogue } from '../../stores/catalogue'
import { useSession } from '../../stores/session'
import ChangeList from './ChangeList.vue'
import { words } from './words'

type Version = PageVersion | ListingVersion

/** What visitors had of something, and the way back to each. */
const open = defineModel<boolean>({ required: true })
const props = defineProps<{
  /** What it is called. */
  name: string
  /** Where its versions are asked for. */
  path: string
}>()
const emit = defineEmits<{ back: [version: Version, date: string] }>()
const catalogue = useCatalogue()
const session = useSession()
const { answer: versions, failure } = useAnswer<readonly Version[]>(
  () => (open.value ? { path: props.path } : null),
  { keep: false },
)

function dateOf(version: Version): string {
  return formatDate(version.publishedAt, catalogue.catalogue, 'time')
}

function saidOf(version: Version): string {
  const what = version.isFirst ? words.first : words.published
  return `${what} ${'page' in version ? words.withPage(version.page) : ''} ${words.by(version.publishedBy)}`
}

function goBack(version: Version) {
  open.value = false
  emit('back', version, dateOf(version))
}
</script>

<template>
  <SheetDialog v-model="open" :width="680" :title="words.historyTitle(name)">
    <p v-if="failure" role="alert">{{ failure }}</p>
    <p v-else-if="versions === undefined" role="status">{{ words.looking }}</p>
    <p v-else-if="versions.length === 0">{{ words.historyNone }}</p>
    <ol v-else>
      <li v-for="(version, at) in versions" :key="version.id">
        <div class="head">
          <span class="when tabular">{{ dateOf(version) }}</span>
          <span class="who">{{ saidOf(version) }}</span>
          <span v-if="at === 0" class="present">{{ words.present }}</span>
          <v-btn
            v-else-if="session.maySetUp"
            height="32"
            :aria-label="words.backToThis(dateOf(version))"
            @click="goBack(version)"
            >{{ words.back }}</v-btn
          >
        </div>
        <ChangeList v-if="!version.isFirst" :changes="version.changes" />
      </li>
    </ol>
  </SheetDialog>
</template>

<style scoped>
ol {
  margin: 0;
  padding: 0;
  list-style: none;
}

li {
  padding: 12px 0;
  border-top: 1px solid var(--line);
}

.head {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 14px;
  min-height: 32px;
  margin-bottom: 6px;
}

.when {
  font-weight: 650;
}

.who {
  flex: 1;
  color: var(--soft);
}

.present {
  font-weight: 650;
  color: var(--leaf);
}
</style>
