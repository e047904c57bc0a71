<script setup lang="ts">
import type { SentencePiece } from '~~/core/listing/sentence'
import { useSelection } from '../stores/bench/selection'
import { words } from './words'

/** A listing in words, with a ticket for each clause that opens what is set there; or only the room of it. */
defineProps<{ pieces: readonly SentencePiece[]; isRoom?: boolean }>()
const selection = useSelection()
</script>

<template>
  <p class="line" :class="{ room: isRoom }">
    <template v-for="(piece, at) in pieces" :key="at">
      <span v-if="piece.kind === 'ticket' && isRoom" class="ticket"
        >{{ piece.text }}<span v-if="piece.aside" class="aside"> · {{ piece.aside }}</span></span
      >
      <button
        v-else-if="piece.kind === 'ticket'"
        type="button"
        class="ticket"
        :data-clause="piece.clause"
        :aria-expanded="selection.clause === piece.clause"
        :aria-label="`${words.drawers[piece.clause].title}: ${piece.text}${piece.aside ? `, ${piece.aside}` : ''}`"
        @click="selection.openDrawer(piece.clause)"
      >
        {{ piece.text }}<span v-if="piece.aside" class="aside"> · {{ piece.aside }}</span>
      </button>
      <template v-else>{{ piece.text }}</template>
    </template>
  </p>
</template>

<style scoped>
.line {
  margin: 0;
  font-size: var(--size-head);
  line-height: 36px;
  white-space: pre-wrap;
}

.room {
  visibility: hidden;
}

.ticket {
  display: inline;
  padding: 3px 9px;
  border-radius: 6px 6px 3px 3px;
  background: var(--sheet);
  color: var(--clause);
  font: inherit;
  font-weight: 650;
  line-height: 24px;
  text-align: left;
  white-space: normal;
  box-decoration-break: clone;
  -webkit-box-decoration-break: clone;
  border-bottom: 2px solid var(--clause);
}

.ticket:hover {
  background: var(--paper);
}

.ticket[aria-expanded='true'] {
  background: var(--clause);
  color: var(--sheet);
}

.aside {
  font-size: var(--size-body);
  font-weight: 500;
}
</style>
