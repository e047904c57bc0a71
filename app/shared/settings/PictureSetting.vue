<script setup lang="ts">
import MediaChoice from '../../content/media/MediaChoice.vue'

/** One of the site's pictures, or none. */
defineProps<{ label: string; value: number | null }>()
const emit = defineEmits<{ change: [picture: number | null] }>()
</script>

<template>
  <section :aria-label="label">
    <p class="input-title">{{ label }}</p>
    <MediaChoice
      :model-value="value"
      :kinds="['picture']"
      :name="label"
      @update:model-value="emit('change', $event)"
    />
  </section>
</template>
