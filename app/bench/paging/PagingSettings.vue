<script setup lang="ts">
import { computed } from 'vue'
import { takeOf, usualTake } from '~~/core/listing/amount'
import type { Amount } from '~~/core/listing/amount'
import { addsPages, defaultPaging, pagingKinds } from '~~/core/listing/paging'
import type { Paging, PagingKind } from '~~/core/listing/paging'
import { words as site } from '~~/site/words'
import NumberSetting from '../../shared/settings/NumberSetting.vue'
import { words } from './words'

/** How visitors come to what a listing does not show at once. */
const props = defineProps<{ amount: Amount }>()
const emit = defineEmits<{ change: [change: Partial<Amount>] }>()

const kind = computed(() => (props.amount.perPage === null ? 'none' : props.amount.paging.kind))
const adds = computed(() => addsPages(props.amount.paging))
const kinds: readonly { readonly value: PagingKind | 'none'; readonly title: string }[] = [
  { value: 'none', title: words.none },
  ...pagingKinds.map((value) => ({ value, title: words.kinds[value] })),
]
/** The words that can be set, with those that stand where they are empty. */
const ownWords = computed(() =>
  adds.value
    ? [{ key: 'more' as const, label: words.more, usual: site.morePage(props.amount.perPage ?? 0) }]
    : [
        { key: 'previous' as const, label: words.previous, usual: site.previousPage },
        { key: 'next' as const, label: words.next, usual: site.nextPage },
      ],
)

function choose(next: string) {
  const { amount } = props
  const chosen = pagingKinds.find((one) => one === next)
  if (chosen === undefined)
    emit('change', { perPage: null, take: amount.take === 'all' ? usualTake : amount.take })
  else
    emit('change', {
      perPage: amount.perPage ?? Math.min(takeOf(amount), 12),
      paging: { ...amount.paging, kind: chosen },
    })
}

function setPaging(change: Partial<Paging>) {
  emit('change', { paging: { ...props.amount.paging, ...change } })
}
</script>

<template>
  <div class="group">
    <v-select :items="kinds" :label="words.paging" :model-value="kind" @update:model-value="choose" />
    <template v-if="amount.perPage !== null">
      <v-switch
        :label="words.all"
        :model-value="amount.take === 'all'"
        @update:model-value="emit('change', { take: $event ? 'all' : Math.max(usualTake, amount.perPage) })"
      />
      <NumberSetting
        :label="adds ? words.added : words.perPage"
        :value="amount.perPage"
        :least="1"
        :most="200"
        :unit="words.entries"
        @change="emit('change', { perPage: $event })"
      />
      <NumberSetting
        v-if="kind === 'endless'"
        :label="words.pages"
        :value="amount.paging.pages"
        :least="1"
        :most="20"
        :fallback="defaultPaging.pages"
        @change="setPaging({ pages: $event })"
      />
      <v-text-field
        v-for="own in ownWords"
        :key="own.key"
        :label="own.label"
        :hint="words.usual(own.usual)"
        persistent-hint
        maxlength="40"
        :model-value="amount.paging[own.key]"
        @update:model-value="setPaging({ [own.key]: $event ?? '' })"
      />
    </template>
  </div>
</template>

<style scoped>
.group {
  display: grid;
  gap: 12px;
}
</style>
