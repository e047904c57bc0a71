<script setup lang="ts">
import { computed } from 'vue'
import { formatDate } from '~~/core/formats/dates'
import { furnitureTitles, hasFurniture, withFurniture } from '~~/core/pages/furniture'
import { furnitureNames } from '~~/core/pages/shared-address'
import { succeeded } from '../shared/attempt'
import SwitchSetting from '../shared/settings/SwitchSetting.vue'
import { useDraft } from '../stores/bench/draft'
import { useCatalogue } from '../stores/catalogue'
import { useNotices } from '../stores/notices'
import { useSession } from '../stores/session'
import FrameChoice from './FrameChoice.vue'
import { words as publishing } from './publishing/words'
import PageMenus from './PageMenus.vue'
import SharedAreaPages from './areas/SharedAreaPages.vue'
import SidePanel from './SidePanel.vue'
import { words as bench } from './words'

/** What is set for the page itself: what visitors read at its head, how its areas are arranged, when it went live. */
const draft = useDraft()
const catalogue = useCatalogue()
const session = useSession()
const notices = useNotices()
const words = {
  page: 'This page',
  area: 'This shared area',
  hint: 'Choose something on the page or at the left to see and change it here.',
  title: 'Title',
  introduction: 'Introduction',
  titleOfEntries: 'Name of this page in the bench',
  titleOfArea: 'Name of this shared area',
  address: 'Address',
  liveSince: (day: string) => `Live since ${day}`,
  subjectHints: {
    entry:
      'Each entry is shown where “The entry” stands, and before everything else where that stands nowhere.',
    term: 'Visitors read each term’s own name and description. Listings that follow the page show what has the term.',
    author: 'Visitors read each author’s own name. Listings that follow the page show what they wrote.',
    month: 'Visitors read the month. Listings that follow the page show what was published in it.',
  },
}

const titleLabel = computed(() => {
  if (draft.sharedArea !== null) return words.titleOfArea
  return draft.subject === null ? words.title : words.titleOfEntries
})
const live = computed(() => {
  if (draft.publishedAt === null) return bench.neverLive
  const since = words.liveSince(formatDate(draft.publishedAt, catalogue.catalogue))
  return draft.differsFromLive ? `${since} · ${bench.notLive}` : since
})

async function unplan() {
  if (await succeeded(draft.unplan)) notices.tell({ text: publishing.isUnplanned })
}

function setTitle(title: string) {
  if (title.trim() !== '') draft.editPage('Title', (page) => ({ ...page, title: title.trim() }), 'title')
}
</script>

<template>
  <SidePanel :title="draft.sharedArea === null ? words.page : words.area" :hint="words.hint">
    <div class="fields" :inert="!session.maySetUp">
      <v-text-field
        :label="titleLabel"
        maxlength="160"
        :model-value="draft.page.title"
        @update:model-value="setTitle"
      />
      <SharedAreaPages v-if="draft.sharedArea" />
      <p v-else-if="draft.subject" class="input-note">{{ words.subjectHints[draft.subject.kind] }}</p>
      <v-textarea
        v-else
        :label="words.introduction"
        rows="3"
        auto-grow
        maxlength="2000"
        :model-value="draft.page.introduction"
        @update:model-value="
          draft.editPage('Introduction', (page) => ({ ...page, introduction: $event ?? '' }), 'introduction')
        "
      />
      <FrameChoice v-if="draft.sharedArea === null" />
      <div v-if="draft.sharedArea === null" class="furniture">
        <SwitchSetting
          v-for="name in furnitureNames"
          :key="name"
          :label="furnitureTitles[name]"
          :value="hasFurniture(draft.page, name)"
          :fallback="true"
          @change="draft.editPage(furnitureTitles[name], (page) => withFurniture(page, name, $event))"
        />
      </div>
      <dl>
        <div v-if="draft.sharedArea === null">
          <dt>{{ words.address }}</dt>
          <dd>{{ draft.path }}</dd>
        </div>
        <PageMenus v-if="draft.sharedArea === null && draft.subject === null" />
        <div>
          <dt>{{ bench.live }}</dt>
          <dd>{{ live }}</dd>
        </div>
      </dl>
      <div v-if="draft.planned" class="planned">
        <p>
          <strong>{{
            publishing.planned(formatDate(draft.planned.due, catalogue.catalogue, 'time'))
          }}</strong>
        </p>
        <p class="input-note">
          {{ publishing.plannedAs(formatDate(draft.planned.as, catalogue.catalogue, 'time')) }}
        </p>
        <v-btn height="32" @click="unplan">{{ publishing.unplan }}</v-btn>
      </div>
    </div>
  </SidePanel>
</template>

<style scoped>
.furniture {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
}

.fields {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 14px;
}

dl {
  display: grid;
  gap: 6px;
  margin: 0;
  padding-top: 12px;
  border-top: 1px solid var(--line);
  font-size: var(--size-small);
}

.planned {
  display: grid;
  justify-items: start;
  gap: 6px;
  padding: 12px;
  border-radius: 8px;
  background: var(--leaf-ground);
}

dl div {
  display: grid;
  grid-template-columns: 76px minmax(0, 1fr);
}

dt {
  color: var(--soft);
}

dd {
  margin: 0;
  overflow-wrap: anywhere;
}
</style>
