<script setup lang="ts">
import { iconPaths } from '../icons'
import type { ControlWay } from './view'

/** What stands for a way beside its words: an icon, or a picture; it only decorates. */
defineProps<{ sign: NonNullable<ControlWay['sign']> }>()
</script>

<template>
  <svg v-if="'icon' in sign" class="narrow-icon" viewBox="0 0 24 24" aria-hidden="true">
    <path :d="iconPaths[sign.icon]" />
  </svg>
  <img
    v-else
    class="narrow-icon"
    alt=""
    width="28"
    height="28"
    :src="sign.picture.source"
    :srcset="sign.picture.sourceSet"
    sizes="28px"
  />
</template>
