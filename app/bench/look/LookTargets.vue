<script setup lang="ts">
import { mdiChevronDown } from '@mdi/js'
import { computed, nextTick, ref, useId, useTemplateRef } from 'vue'
import { steppedChoice } from '../../shared/settings/radio-steps'
import { words } from './words'

/** What of a listing is styled: one of all that it has, in groups, which are folded away once it is chosen. */
const props = defineProps<{
  groups: readonly {
    readonly title: string
    readonly targets: readonly { readonly value: string; readonly title: string; readonly styled: boolean }[]
  }[]
}>()
const chosen = defineModel<string>({ required: true })

const all = computed(() => props.groups.flatMap((group) => group.targets))
const title = computed(() => all.value.find(({ value }) => value === chosen.value)?.title ?? '')
const isOpen = ref(false)
const opener = useTemplateRef<HTMLElement>('opener')
const list = useTemplateRef<HTMLElement>('list')
const id = useId()

async function open() {
  isOpen.value = !isOpen.value
  await nextTick()
  list.value?.querySelector<HTMLElement>('[aria-checked=true]')?.focus()
}

function close() {
  isOpen.value = false
  opener.value?.focus()
}

function take(value: string) {
  chosen.value = value
  close()
}

function step(event: KeyboardEvent) {
  const next = steppedChoice(event, all.value, chosen.value)
  if (next !== null) chosen.value = next
}
</script>

<template>
  <div class="which">
    <button
      ref="opener"
      type="button"
      class="chosen"
      :aria-expanded="isOpen"
      :aria-controls="id"
      :aria-label="`${words.targets}: ${title}`"
      @click="open"
    >
      {{ title }}<v-icon :icon="mdiChevronDown" size="16" :class="{ turned: isOpen }" />
    </button>
    <span v-if="!isOpen" class="hint">{{ words.pressOnPage }}</span>
  </div>
  <div
    v-if="isOpen"
    :id="id"
    ref="list"
    class="targets"
    role="radiogroup"
    :aria-label="words.targets"
    @keydown.esc.stop.prevent="close"
    @keydown.enter.prevent="close"
  >
    <div v-for="group in groups" :key="group.title" class="group">
      <span class="title">{{ group.title }}</span>
      <button
        v-for="one in group.targets"
        :key="one.value"
        type="button"
        role="radio"
        :aria-checked="one.value === chosen"
        :aria-label="one.styled ? `${one.title}, ${words.styled}` : one.title"
        :tabindex="one.value === chosen ? 0 : -1"
        @click="take(one.value)"
        @keydown="step"
      >
        {{ one.title }}<span v-if="one.styled" class="dot" aria-hidden="true" />
      </button>
    </div>
  </div>
</template>

<style scoped>
.which {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  align-items: center;
  gap: 10px;
}

.hint {
  font-size: var(--size-note);
  line-height: 1.35;
  color: var(--soft);
}

.chosen {
  font-size: inherit;
}

.turned {
  transform: rotate(180deg);
}

.targets {
  display: grid;
  gap: 8px;
}

.group {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
}

.title {
  flex: 1 0 100%;
  font-size: var(--size-fine);
  color: var(--soft);
}

button {
  display: inline-flex;
  align-items: center;
  gap: 5px;
  min-height: 32px;
  padding: 0 9px;
  border: 1px solid var(--edge);
  border-radius: 7px;
  background: var(--sheet);
  font-size: var(--size-small);
  font-weight: 600;
  color: var(--text);
}

button:hover {
  background: var(--hover);
}

button[aria-checked='true'] {
  border-color: var(--clause);
  background: var(--clause);
  color: var(--sheet);
}

.dot {
  width: 7px;
  height: 7px;
  border-radius: 50%;
  background: var(--clause);
}

button[aria-checked='true'] .dot {
  background: var(--sheet);
}
</style>
