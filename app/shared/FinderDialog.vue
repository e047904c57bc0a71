<script setup lang="ts">
import { navigateTo } from '#imports'
import { useDebounce } from '@vueuse/core'
import { computed, nextTick, ref, useId, watch } from 'vue'
import { hasWords, typedWords } from '~~/core/found'
import type { FoundThing } from '~~/core/found'
import { includesRole } from '~~/core/people'
import { useSession } from '../stores/session'
import { useAnswer } from './answers'
import { heardScopes } from './keys'
import { screens } from './screens'
import SheetDialog from './SheetDialog.vue'
import { words } from './words'

/** Finds anything by any word in it, and opens it. */
const open = defineModel<boolean>({ required: true })
const session = useSession()
const typed = ref('')
const asked = useDebounce(typed, 120)
const listId = useId()
const chosen = ref(0)

const { answer, failure } = useAnswer<readonly FoundThing[]>(() =>
  open.value && asked.value.trim() !== ''
    ? { path: `/api/bench/found?words=${encodeURIComponent(asked.value.trim().slice(0, 200))}` }
    : null,
)
/** Screens and what can be done stand before what the site holds. */
const found = computed(() => {
  const wanted = typedWords(typed.value)
  const own = screens
    .filter(
      ({ role }) =>
        role === undefined || (session.account !== null && includesRole(session.account.role, role)),
    )
    .filter((one) => hasWords(wanted, [one.title, words.finder.kinds.screen]))
    .map((one) => ({ ...one, kind: 'screen' as const, within: '' }))
  return [...own, ...commands.value.filter(({ title }) => hasWords(wanted, [title])), ...(answer.value ?? [])]
})

/** What the keys of the screen do, but to open this. */
const commands = computed(() =>
  (open.value ? heardScopes() : []).flatMap(({ shortcuts }) =>
    shortcuts
      .filter(({ title }) => title !== words.keys.find)
      .map(({ title, keys, run }) => ({ kind: 'command' as const, title, within: keys, to: '', run })),
  ),
)

const vFocused = { mounted: (input: HTMLInputElement) => input.focus() }

watch(open, (isOpen) => isOpen && (typed.value = ''))
watch(found, () => (chosen.value = 0))

function step(event: KeyboardEvent) {
  const by = { ArrowDown: 1, ArrowUp: -1 }[event.key]
  if (by === undefined || found.value.length === 0) return
  event.preventDefault()
  chosen.value = (chosen.value + by + found.value.length) % found.value.length
  document.getElementById(`${listId}-${chosen.value}`)?.scrollIntoView({ block: 'nearest' })
}

async function go(thing: (typeof found.value)[number] | undefined) {
  if (thing === undefined) return
  open.value = false
  if (!('run' in thing)) return navigateTo(thing.to)
  // The focus goes back to where it was first: what is done may move it.
  await nextTick()
  return thing.run()
}
</script>

<template>
  <SheetDialog v-model="open" :width="620" :title="words.finder.title" steady>
    <input
      v-model="typed"
      v-focused
      class="typed"
      role="combobox"
      maxlength="200"
      autocomplete="off"
      aria-autocomplete="list"
      :aria-label="words.finder.label"
      :placeholder="words.finder.label"
      :aria-expanded="found.length > 0"
      :aria-controls="listId"
      :aria-activedescendant="found.length ? `${listId}-${chosen}` : undefined"
      @keydown="step"
      @keydown.enter="go(found[chosen])"
    />
    <p v-if="failure" role="alert">{{ failure }}</p>
    <p v-else-if="found.length === 0 && typed !== '' && asked === typed && answer" class="none" role="status">
      {{ words.finder.none }}
    </p>
    <ul :id="listId" role="listbox" :aria-label="words.finder.title">
      <!-- The keys are heard by the field. -->
      <!-- eslint-disable-next-line vuejs-accessibility/click-events-have-key-events -->
      <li
        v-for="(thing, at) in found"
        :id="`${listId}-${at}`"
        :key="`${thing.kind} ${thing.to} ${thing.title}`"
        role="option"
        :aria-selected="at === chosen"
        @click="go(thing)"
        @mousemove="chosen = at"
      >
        <span class="kind">{{ words.finder.kinds[thing.kind] }}</span>
        <span class="title">{{ thing.title }}</span>
        <span class="within">{{ thing.within }}</span>
      </li>
    </ul>
  </SheetDialog>
</template>

<style scoped>
.typed {
  width: 100%;
  min-height: 42px;
  padding: 0 14px;
  border: 1px solid var(--edge-strong);
  border-radius: 8px;
  background: var(--sheet);
  color: var(--text);
  font: inherit;
}

ul {
  margin: 12px 0 0;
  padding: 0;
  list-style: none;
}

li {
  display: grid;
  grid-template-columns: 92px minmax(0, 1fr) auto;
  align-items: center;
  gap: 10px;
  min-height: 38px;
  padding: 4px 10px;
  border-radius: 7px;
  cursor: pointer;
}

li[aria-selected='true'] {
  background: var(--leaf-ground);
}

.kind,
.within,
.none {
  font-size: var(--size-note);
  color: var(--soft);
}

.none {
  margin-top: 12px;
}

.title {
  font-weight: 600;
  overflow-wrap: anywhere;
}

.within {
  max-width: 200px;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
</style>
