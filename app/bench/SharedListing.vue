<script setup lang="ts">
import { computed } from 'vue'
import { words as shared } from '../shared/words'
import { useDraft } from '../stores/bench/draft'
import { usePlacing } from '../stores/bench/placing'
import { useNotices } from '../stores/notices'
import { useSession } from '../stores/session'
import { useElsewhere } from './elsewhere'
import { freeName } from './free-name'
import { words } from './words'

/** Says of a listing that other pages have it too, and lets this page have one of its own. */
const props = defineProps<{ listing: string }>()
const draft = useDraft()
const placing = usePlacing()
const notices = useNotices()
const session = useSession()
const { pagesWith } = useElsewhere()
const pages = computed(() => pagesWith(props.listing, 'all'))

function makeOwn() {
  const { listings } = draft.document
  const { [props.listing]: before } = listings
  if (before === undefined) return
  placing.makeOwn(props.listing, freeName(before.name, listings))
  notices.tell({ text: words.isOwn, action: { title: shared.undo, run: draft.undo } })
}
</script>

<template>
  <div v-if="pages !== null" class="shared" role="note">
    <p>{{ words.alsoOn(pages) }}</p>
    <v-btn v-if="session.maySetUp" height="32" @click="makeOwn">{{ words.makeOwn }}</v-btn>
  </div>
</template>

<style scoped>
.shared {
  display: grid;
  gap: 8px;
  justify-items: start;
  margin-bottom: 14px;
  padding: 9px 11px 11px;
  border-radius: 7px;
  background: var(--kraft);
  font-size: var(--size-small);
  overflow-wrap: anywhere;
}

p {
  margin: 0;
}
</style>
