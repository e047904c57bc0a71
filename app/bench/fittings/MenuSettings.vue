<script setup lang="ts">
import { shallowRef, watch } from 'vue'
import type { ChosenFitting } from '~~/core/fittings'
import { menuFitting, menuLayouts, menuSources } from '~~/core/fittings/menu'
import { parseMenuRows } from '~~/core/menus'
import type { MenuRow } from '~~/core/menus'
import type { PageRow } from '~~/core/pages/answers'
import { useAnswer } from '../../shared/answers'
import MenuLinks from '../../shared/menus/MenuLinks.vue'
import ChoiceSetting from '../../shared/settings/ChoiceSetting.vue'
import TextSetting from '../../shared/settings/TextSetting.vue'
import { words } from './words'

const props = defineProps<{ settings: ChosenFitting<'menu'> }>()
const emit = defineEmits<{ change: [settings: ChosenFitting<'menu'>, subject: string] }>()
const { answer: pages } = useAnswer<readonly PageRow[]>(() =>
  props.settings.of === 'own' ? { path: '/api/bench/pages' } : null,
)

const sources = menuSources.map((value) => ({ value, title: words.menusOf[value] }))
const layouts = menuLayouts.map((value) => ({ value, title: words.menuLayouts[value] }))

/** As they are typed: a link that can't be kept yet stays here until it can. */
const links = shallowRef(props.settings.links)
const left = shallowRef<readonly string[]>([])
watch(
  () => props.settings.links,
  (kept) => (links.value = kept),
)

function faults(path: string): readonly string[] {
  const parsed = parseMenuRows(links.value)
  if (parsed.ok || !left.value.includes(path)) return []
  return parsed.faults.filter((fault) => `links${fault.path}` === path).map((fault) => fault.message)
}

function change(changed: readonly MenuRow[]) {
  links.value = changed
  const parsed = parseMenuRows(changed)
  if (parsed.ok) emit('change', { ...props.settings, links: parsed.value }, 'links')
}
</script>

<template>
  <ChoiceSetting
    :label="words.menuOf"
    :value="settings.of"
    :choices="sources"
    :fallback="menuFitting.defaults.of"
    @change="emit('change', { ...props.settings, of: $event }, 'of')"
  />
  <div v-if="settings.of === 'own'" class="links">
    <p v-if="links.length === 0" class="input-note">{{ words.noOwnLinks }}</p>
    <MenuLinks
      path="links"
      :label="words.ownLinks"
      :links="links"
      :pages="pages ?? []"
      :faults="faults"
      @change="change"
      @leave="left = [...left, $event]"
    />
  </div>
  <p v-else class="input-note">{{ words.sitesMenu }}</p>
  <ChoiceSetting
    :label="words.menuLayout"
    :value="settings.layout"
    :choices="layouts"
    :fallback="menuFitting.defaults.layout"
    @change="emit('change', { ...props.settings, layout: $event }, 'layout')"
  />
  <TextSetting
    :label="words.menuTitle"
    :value="settings.title"
    :fallback="menuFitting.defaults.title"
    :most="60"
    required
    @change="emit('change', { ...props.settings, title: $event }, 'title')"
  />
</template>

<style scoped>
.links {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
}
</style>
