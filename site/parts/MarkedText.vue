<script setup lang="ts">
import { markedPieces } from '../../core/text/marked'
import type { FoundWords } from '../view'

/** A text in which what was looked for is marked. */
defineProps<{ text: string; found: FoundWords }>()
</script>

<template>
  <template v-for="(piece, at) in markedPieces(text, found.words, found.locale)" :key="at"
    ><mark v-if="piece.isFound">{{ piece.text }}</mark
    ><template v-else>{{ piece.text }}</template></template
  >
</template>
