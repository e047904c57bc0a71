<script setup lang="ts">
import { mdiClose } from '@mdi/js'
import { computed, ref, watch } from 'vue'
import { contrastOf, readColour } from '~~/core/looks/colour'
import { mostColours, pageSets } from '~~/core/looks/site-values'
import type { SavedSiteValues } from '~~/core/looks/site-values'
import { shownColour, sitePalette } from '~~/core/looks/site-palette'
import type { ColourSet } from '~~/core/looks/site-palette'
import { tokenNameOf } from '~~/core/looks/tokens/site-tokens'
import type { PaletteColour, SiteTokens } from '~~/core/looks/tokens/site-tokens'
import ColourWell from '../shared/ColourWell.vue'
import FormDialog from '../shared/FormDialog.vue'
import { valueName } from '../shared/looks/value-names'
import ChoiceSetting from '../shared/settings/ChoiceSetting.vue'
import BringInTokens from './BringInTokens.vue'
import { saveTokens, withOthers } from './token-files'
import { useSiteValuesForm } from './site-values-form'
import { words } from './words'

/** Changes the named colours of the site, and by which set of them its pages go. */
const open = defineModel<boolean>({ required: true })
const props = defineProps<{ site: SavedSiteValues }>()
const emit = defineEmits<{ saved: [] }>()

interface Row {
  readonly name: string
  readonly light: string
  readonly dark: string
}
interface Typed {
  readonly pages: SavedSiteValues['pages']
  readonly rows: readonly Row[]
}
const { values, faults, leave, sending, problem, changed, save } = useSiteValuesForm<Typed>(open, {
  typed: () => ({ pages: props.site.pages, rows: rowsOf(props.site.palette) }),
  asked,
  fieldOf: (path) => path.replace(/^palette/, 'rows'),
  saved: () => emit('saved'),
})
const told = ref('')
watch(open, () => (told.value = ''))

function rowsOf(palette: readonly PaletteColour[]): readonly Row[] {
  return palette.map(({ name, light, dark }) => ({ name, light, dark: dark ?? light }))
}

function asked({ pages, rows }: Typed): SavedSiteValues {
  const palette = rows.map(({ name, light, dark }, at) => ({
    name: sitePalette[at]?.name ?? tokenNameOf([name]) ?? '',
    light: light.trim().toLowerCase(),
    dark: dark.trim().toLowerCase(),
  }))
  return { ...props.site, pages, palette }
}

function set(at: number, change: Partial<Row>) {
  values.rows = values.rows.map((row, place) => (place === at ? { ...row, ...change } : row))
}

const setNames = { light: words.palette.onLight, dark: words.palette.onDark } as const
const sets = ['light', 'dark'] as const
const least = 4.5
/** What is written in; lines and the paper itself are not. */
const written = ['ink', 'soft', 'accent', 'leaf']

/** What can’t be read on the paper of its set. */
const low = computed(() =>
  sets.flatMap((of) => {
    const paper = inSet('paper', of)
    return written.flatMap((name) => {
      const colour = inSet(name, of)
      const ratio = colour === null || paper === null ? null : contrastOf(colour, paper)
      return ratio === null || ratio >= least
        ? []
        : [words.palette.low(valueName(name), setNames[of], (Math.floor(ratio * 10) / 10).toFixed(1))]
    })
  }),
)

function inSet(name: string, of: ColourSet) {
  return readColour(shownColour(name, asked(values).palette, of))
}

function add() {
  values.rows = [...values.rows, { name: '', light: '#7a3b74', dark: '#d9a0d2' }]
}

function remove(at: number) {
  values.rows = values.rows.filter((_, place) => place !== at)
}

function write() {
  saveTokens(asked(values), words.palette.file)
}

function take(found: SiteTokens | null) {
  if (found === null || found.palette.length === 0) {
    told.value = found === null ? words.palette.notTokens : words.palette.noColours
    return
  }
  values.rows = withOthers(values.rows, rowsOf(found.palette)).slice(0, mostColours)
  told.value = words.palette.taken(found.palette.length)
}

const choices = pageSets.map((value) => ({ value, title: words.palette.sets[value] }))
</script>

<template>
  <FormDialog
    v-model="open"
    :title="words.palette.change"
    :width="720"
    :save="words.palette.save"
    :sending="sending"
    :problem="problem"
    :changed="changed"
    @send="save"
  >
    <p class="note">{{ words.palette.about }}</p>
    <ChoiceSetting
      :label="words.palette.set"
      :value="values.pages"
      :choices="choices"
      @change="values.pages = $event"
    />
    <div class="heads" aria-hidden="true">
      <span v-for="of in sets" :key="of">{{ setNames[of] }}</span>
    </div>
    <ul class="rows">
      <li v-for="(row, at) in values.rows" :key="at">
        <b v-if="at < sitePalette.length">{{ valueName(row.name) }}</b>
        <v-text-field
          v-else
          :model-value="row.name"
          :label="words.palette.name"
          :error-messages="faults(`rows[${at}].name`)"
          maxlength="40"
          autocomplete="off"
          @update:model-value="set(at, { name: $event ?? '' })"
          @blur="leave(`rows[${at}].name`)"
        />
        <ColourWell
          v-for="of in sets"
          :key="of"
          :value="row[of]"
          :label="words.palette.pick(valueName(row.name), setNames[of])"
          @pick="set(at, { [of]: $event })"
        >
          <v-text-field
            :model-value="row[of]"
            :aria-label="words.palette.colour(valueName(row.name), setNames[of])"
            :error-messages="faults(`rows[${at}].${of}`)"
            maxlength="7"
            autocomplete="off"
            @update:model-value="set(at, { [of]: $event ?? '' })"
            @blur="leave(`rows[${at}].${of}`)"
          />
        </ColourWell>
        <v-btn
          v-if="at >= sitePalette.length"
          :icon="mdiClose"
          size="32"
          variant="text"
          :aria-label="words.palette.remove(valueName(row.name))"
          @click="remove(at)"
        />
      </li>
    </ul>
    <ul v-if="low.length > 0" class="low" role="status">
      <li v-for="one in low" :key="one">{{ one }}</li>
    </ul>
    <div class="presses">
      <v-btn height="34" :disabled="values.rows.length >= mostColours" @click="add">{{
        words.palette.add
      }}</v-btn>
      <v-btn height="34" @click="write">{{ words.palette.write }}</v-btn>
      <BringInTokens @found="take" />
      <v-btn height="34" variant="text" @click="values.rows = rowsOf(sitePalette)">{{
        words.palette.usual
      }}</v-btn>
    </div>
    <p v-if="told" class="note" role="status">{{ told }}</p>
  </FormDialog>
</template>

<style scoped>
.note {
  color: var(--soft);
  font-size: var(--size-small);
}

.rows {
  display: grid;
  gap: 8px;
  padding: 0;
  list-style: none;
}

.heads {
  display: grid;
  grid-template-columns: repeat(2, 200px) 32px;
  justify-content: end;
  gap: 12px;
  margin-bottom: -10px;
  color: var(--soft);
  font-size: var(--size-note);
}

.rows li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) repeat(2, 200px) 32px;
  align-items: center;
  gap: 12px;
}

.low {
  padding-left: 18px;
  color: var(--rust-ink);
  font-size: var(--size-note);
}

.presses {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}

@media (max-width: 640px) {
  .heads {
    grid-template-columns: repeat(2, minmax(0, 1fr));
    justify-content: stretch;
  }

  .rows li {
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  }

  .rows b {
    grid-column: 1 / -1;
  }
}
</style>
