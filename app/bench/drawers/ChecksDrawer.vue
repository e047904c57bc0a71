<script setup lang="ts">
import { computed } from 'vue'
import { checks } from '~~/core/checks'
import type { Finding, Mend, Restyle } from '~~/core/checks/define'
import { placementsOf } from '~~/core/pages/standing'
import { useDraft } from '../../stores/bench/draft'
import { useListingEdits } from '../../stores/bench/listing-edits'
import { usePlacing } from '../../stores/bench/placing'
import { useSelection } from '../../stores/bench/selection'
import { useSession } from '../../stores/session'
import { useFindings } from '../findings'
import { words } from '../words'

/** What the checks found on the page, each with the presses that mend it or show where. */
const draft = useDraft()
const edits = useListingEdits()
const placing = usePlacing()
const selection = useSelection()
const findings = useFindings()
const session = useSession()

/** The listing in hand first. */
const groups = computed(() => {
  const placements = [...new Set(findings.value.map((finding) => finding.placement))]
  const sorted = placements.toSorted(
    (a, b) => Number(b === selection.chosenId) - Number(a === selection.chosenId),
  )
  return sorted.map((placement) => ({
    placement,
    name: nameOf(placement),
    findings: findings.value.filter((finding) => finding.placement === placement),
  }))
})

function nameOf(placementId: string): string {
  const placement = placementsOf(draft.page).find((one) => one.id === placementId)
  return placement === undefined ? '' : placing.nameOf(placement)
}

function restyle({ placement }: Finding, way: Restyle) {
  selection.choose(placement)
  selection.openDrawer('checks')
  draft.editPlacement(placement, way.title, (before) =>
    before.kind === 'fitting' ? { ...before, styles: way.restyle(before.styles ?? []) } : before,
  )
}

function mend(finding: Finding, way: Mend) {
  selection.lookAt({ ...finding, show: {} })
  edits.editChosen(way.title, way.edit)
}
</script>

<template>
  <p v-if="findings.length === 0">{{ words.checksNone }}</p>
  <section v-for="group in groups" :key="group.placement">
    <h3>{{ words.onListing(group.name) }}</h3>
    <ul>
      <li v-for="finding in group.findings" :key="`${finding.check} ${finding.text}`">
        <strong>{{ checks.get(finding.check).title }}</strong>
        <p>{{ finding.text }}</p>
        <div class="ways">
          <v-btn
            v-for="way in session.maySetUp ? finding.mends : []"
            :key="way.title"
            height="32"
            :aria-label="`${way.title}: ${group.name}`"
            @click="mend(finding, way)"
            >{{ way.title }}</v-btn
          >
          <v-btn
            v-for="way in session.maySetUp ? (finding.restyles ?? []) : []"
            :key="way.title"
            height="32"
            :aria-label="`${way.title}: ${group.name}`"
            @click="restyle(finding, way)"
            >{{ way.title }}</v-btn
          >
          <v-btn
            v-if="Object.keys(finding.show).length"
            height="32"
            variant="text"
            :aria-label="`${words.lookAt}: ${checks.get(finding.check).title}, ${group.name}`"
            @click="selection.lookAt(finding)"
            >{{ words.lookAt }}</v-btn
          >
        </div>
      </li>
    </ul>
  </section>
</template>

<style scoped>
h3 {
  margin: 18px 0 8px;
  font-size: var(--size-small);
  font-weight: 600;
  color: var(--soft);
}

ul {
  display: grid;
  gap: 10px;
  margin: 0;
  padding: 0;
  list-style: none;
}

li {
  padding: 10px 12px 8px;
  border: 1px solid var(--line);
  border-radius: 8px;
  background: var(--paper);
}

li p {
  margin-top: 2px;
  font-size: var(--size-small);
  line-height: 1.45;
}

.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin-top: 8px;
}
</style>
