<script setup lang="ts">
import { NuxtLayout, NuxtPage } from '#components'
import { announced } from './shared/announced'
</script>

<template>
  <NuxtLayout>
    <NuxtPage />
  </NuxtLayout>
  <p class="unseen" aria-live="polite">{{ announced }}</p>
</template>
