<script setup lang="ts">
import type { PriceContent } from '../../core/cards/parts/price'
import { words } from '../words'

defineOptions({ inheritAttrs: false })
defineProps<{ content: PriceContent; prefix: string; suffix: string }>()
</script>

<template>
  <p class="price">
    {{ prefix
    }}<template v-if="content.before"
      ><span class="only-read">{{ words.priceBefore }}</span
      ><s>{{ content.before }}</s
      >{{ ' ' }}<span class="only-read">{{ words.priceNow }}</span></template
    ><strong>{{ content.price }}</strong
    ><template v-if="content.saving"
      >{{ ' ' }}<span class="saving">{{ content.saving }}</span></template
    >{{ suffix }}
  </p>
</template>
