<script setup lang="ts">
import { controlComponents } from './index'
import type { ControlView } from './view'

/** One control with what it is called, by which it may fold away. */
defineProps<{ control: ControlView }>()
</script>

<template>
  <div class="narrow" role="group" :aria-label="control.label">
    <details v-if="control.folds" class="narrow-fold" data-folds :open="control.folds === 'open'">
      <summary class="narrow-label" data-control>{{ control.label }}</summary>
      <component :is="controlComponents[control.control]" :content="control.content" :label="control.label" />
    </details>
    <template v-else>
      <p :class="control.labelHidden ? 'only-read' : 'narrow-label'" aria-hidden="true">
        {{ control.label }}
      </p>
      <component :is="controlComponents[control.control]" :content="control.content" :label="control.label" />
    </template>
  </div>
</template>
