<script setup lang="ts">
import { NuxtLayout, NuxtPage } from '#components'
import { announced } from './shared/announced'
import { useWaitingPointer } from './shared/waiting'

useWaitingPointer()
</script>

<template>
  <NuxtLayout>
    <NuxtPage />
  </NuxtLayout>
  <p class="unseen" aria-live="polite">{{ announced }}</p>
</template>
