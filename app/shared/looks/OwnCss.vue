<script setup lang="ts">
import { computed, ref, useTemplateRef } from 'vue'
import { targetNames } from '~~/core/looks/own-css/names'
import { mostCssLetters } from '~~/core/looks/own-css/own-css'
import type { OwnCss } from '~~/core/looks/own-css/own-css'
import { readOwnCss } from '~~/core/looks/own-css/read'
import { colourProperty } from '~~/core/looks/properties/values'
import type { StyleTarget } from '~~/core/style/targets'
import { useCatalogue } from '../../stores/catalogue'
import SwitchSetting from '../settings/SwitchSetting.vue'
import CssEditor from './CssEditor.vue'
import { valueName } from './value-names'
import { words } from './words'

/** Rules that a designer writes: as they are typed, what of them is left out, and what pages get of them. */
const props = defineProps<{
  css: OwnCss
  targets: readonly StyleTarget[]
  scope: string
  /** Whether what is read of the rules stands beside them, where there is room. */
  beside?: boolean
}>()
const emit = defineEmits<{ change: [css: OwnCss] }>()
const catalogue = useCatalogue()

const read = computed(() => readOwnCss(props.css.text, { targets: props.targets, scope: props.scope }))
const names = computed(() =>
  targetNames(props.targets).map(({ name, title }) => ({ name: `:--${name}`, title })),
)
const colours = computed(() =>
  catalogue.catalogue.values.palette.map(({ name }) => ({
    name: colourProperty(name),
    title: valueName(name),
  })),
)
/** Whether more was typed or put in than there is room for. */
const tooLong = ref(false)

function write(text: string) {
  tooLong.value = false
  emit('change', { ...props.css, text })
}

const editor = useTemplateRef('editor')
</script>

<template>
  <div class="own-css" :class="{ beside }">
    <div class="written">
      <p class="note">{{ words.css.about }}</p>
      <SwitchSetting
        :label="words.css.holds"
        :value="css.isOn"
        @change="emit('change', { ...css, isOn: $event })"
      />
      <CssEditor
        ref="editor"
        :text="css.text"
        :label="words.css.text"
        :targets="names"
        :colours="colours"
        :refused="read.refused"
        :most="mostCssLetters"
        @change="write"
        @too-long="tooLong = true"
      />
      <p v-if="tooLong" class="fault" role="alert">{{ words.css.tooLong(mostCssLetters) }}</p>
    </div>
    <div class="read">
      <slot />
      <template v-if="read.refused.length > 0">
        <h4>{{ words.css.leftOut }}</h4>
        <ul role="status">
          <li v-for="one in read.refused" :key="`${one.from} ${one.message}`">
            <button type="button" @click="editor?.goTo(one.from)">
              {{ words.css.line(one.line) }} <span>{{ one.message }}</span>
            </button>
          </li>
        </ul>
      </template>
      <h4>{{ words.css.onPage }}</h4>
      <!-- A long line is scrolled to by the keys too. -->
      <pre v-if="read.rules.length > 0" tabindex="0" role="region" :aria-label="words.css.onPage">{{
        read.rules.join('\n')
      }}</pre>
      <p v-else class="note">{{ words.css.nothing }}</p>
    </div>
  </div>
</template>

<style scoped>
.own-css,
.written,
.read {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  align-content: start;
  gap: 10px;
}

@media (min-width: 800px) {
  .own-css.beside {
    grid-template-columns: repeat(2, minmax(0, 1fr));
    gap: 24px;
  }
}

.note {
  color: var(--soft);
  font-size: var(--size-note);
}

h4 {
  margin: 4px 0 0;
  font-size: var(--size-small);
}

ul {
  display: grid;
  margin: 0;
  padding: 0;
  list-style: none;
}

li button {
  width: 100%;
  padding: 4px 0;
  color: var(--rust-ink);
  font-size: var(--size-note);
  text-align: left;
  overflow-wrap: anywhere;
}

li button:hover {
  text-decoration: underline;
}

li span {
  color: var(--text);
}

pre {
  max-height: 220px;
  margin: 0;
  padding: 8px 10px;
  border-radius: 7px;
  background: var(--kraft);
  color: var(--text);
  font-size: var(--size-fine);
  white-space: pre-wrap;
  overflow: auto;
  overflow-wrap: anywhere;
}

.fault {
  color: var(--rust-ink);
  font-size: var(--size-note);
}
</style>
