<script setup lang="ts">
import type { AllFieldsContent } from '../../core/cards/parts/large/all-fields'

defineOptions({ inheritAttrs: false })
defineProps<{ content: AllFieldsContent }>()
</script>

<template>
  <dl class="all-fields">
    <div v-for="field in content.fields" :key="field.name">
      <dt>{{ field.name }}</dt>
      <dd v-if="field.is === 'words'">{{ field.text }}</dd>
      <dd v-else-if="field.is === 'text'" class="prose" v-html="field.html" />
      <template v-else>
        <dd v-for="way in field.to" :key="way.path">
          <a :href="way.path">{{ way.title }}</a>
        </dd>
      </template>
    </div>
  </dl>
</template>
