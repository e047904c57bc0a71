<script setup lang="ts">
import type { TopicContent } from '../../core/cards/parts/topic'

defineOptions({ inheritAttrs: false })
defineProps<{ content: TopicContent; prefix: string; suffix: string }>()
</script>

<template>
  <p class="topic">
    {{ prefix
    }}<template v-for="(term, at) in content.terms" :key="term.name"
      ><template v-if="at > 0"> · </template><a v-if="term.address" :href="term.address">{{ term.name }}</a
      ><template v-else>{{ term.name }}</template></template
    >{{ suffix }}
  </p>
</template>
