<script setup lang="ts">
import { mdiPlus } from '@mdi/js'
import { computed } from 'vue'
import { isPlainAddress } from '~~/core/pages/shared-address'
import type { PageRow } from '~~/core/pages/answers'
import type { MenuRow, MenuTarget } from '~~/core/menus'
import ActionMenu from '../ActionMenu.vue'
import type { MenuAction } from '../ActionMenu.vue'
import MoreMenu from '../MoreMenu.vue'
import MoveHandle from '../sorting/MoveHandle.vue'
import SortableList from '../sorting/SortableList.vue'
import { words } from './words'

/** The links of a menu: put in order, named, led to pages or addresses, and put under each other. */
const props = defineProps<{
  links: readonly MenuRow[]
  pages: readonly PageRow[]
  label: string
  /** Where they stand in the form. */
  path: string
  faults: (path: string) => readonly string[]
}>()
const emit = defineEmits<{ change: [links: readonly MenuRow[]]; leave: [path: string] }>()
const targets = computed(() => props.pages.filter((page) => isPlainAddress(page.path)))

function titleOf({ to }: Pick<MenuRow, 'to'>): string {
  if (to.is === 'nowhere') return words.leadsNowhere
  if (to.is === 'address') return to.address
  return targets.value.find((page) => page.id === to.page)?.title ?? words.pageGone
}

const nameOf = (link: MenuRow) =>
  link.title || (link.to.is === 'nowhere' ? '' : titleOf(link)) || words.newLink

function change(at: number, changed: Partial<MenuRow>) {
  emit(
    'change',
    props.links.map((link, place) => (place === at ? { ...link, ...changed } : link)),
  )
}

const adding = computed((): readonly MenuAction[] => [
  ...targets.value.map((page) => ({
    title: page.title,
    under: words.toPage,
    run: () => add({ is: 'page', page: page.id }),
  })),
  { title: words.nowhere, under: words.elsewhere, run: () => add({ is: 'nowhere' }) },
  { title: words.anAddress, under: words.elsewhere, run: () => add({ is: 'address', address: '' }) },
])

function add(to: MenuTarget) {
  emit('change', [...props.links, { id: crypto.randomUUID(), title: '', to, isWithin: false }])
}

function actionsOf(link: MenuRow, at: number): readonly MenuAction[] {
  return [
    ...(at === 0 && !link.isWithin
      ? []
      : [
          {
            title: link.isWithin ? words.byItself : words.underBefore,
            run: () => change(at, { isWithin: !link.isWithin }),
          },
        ]),
    { title: words.removeLink, run: () => emit('change', props.links.toSpliced(at, 1)) },
  ]
}
</script>

<template>
  <div class="links">
    <p v-if="links.length > 0" class="link heads" aria-hidden="true">
      <span>{{ words.linkTitle }}</span><span>{{ words.leadsTo }}</span>
    </p>
    <SortableList
      v-slot="{ item, at, handle }"
      :items="links"
      :key-of="(link) => link.id"
      :name-of="nameOf"
      :label="label"
      @order="emit('change', $event)"
    >
      <div class="link" :class="{ within: item.isWithin && at > 0 }">
        <MoveHandle v-bind="handle" />
        <v-text-field
          :aria-label="words.linkTitleOf(nameOf(item))"
          :placeholder="item.to.is === 'page' ? titleOf(item) : undefined"
          :model-value="item.title"
          :error-messages="faults(`${path}[${at}].title`)"
          maxlength="80"
          autocomplete="off"
          @update:model-value="change(at, { title: $event })"
          @blur="emit('leave', `${path}[${at}].title`)"
        />
        <span v-if="item.to.is !== 'address'" class="to">{{ titleOf(item) }}</span>
        <v-text-field
          v-else
          :placeholder="words.linkAddress"
          :aria-label="words.linkAddressOf(nameOf(item))"
          :model-value="item.to.address"
          :error-messages="faults(`${path}[${at}].to.address`)"
          autocomplete="off"
          @update:model-value="change(at, { to: { is: 'address', address: $event } })"
          @blur="emit('leave', `${path}[${at}].to.address`)"
        />
        <MoreMenu :label="words.moreOf(nameOf(item))" :actions="actionsOf(item, at)" :size="32" />
      </div>
    </SortableList>
    <ActionMenu v-slot="{ opener }" :label="words.addLinkTo(label)" :actions="adding">
      <v-btn v-bind="opener" height="32" :prepend-icon="mdiPlus" :aria-label="words.addLinkTo(label)">{{
        words.addLink
      }}</v-btn>
    </ActionMenu>
  </div>
</template>

<style scoped>
.links {
  container-type: inline-size;
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  justify-items: start;
  gap: 8px;
  width: 100%;
}

ol {
  width: 100%;
  margin: 0;
  padding: 0;
  list-style: none;
}

.link {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr) minmax(0, 1fr) auto;
  gap: 4px 8px;
  align-items: center;
  padding: 4px 0;
}

.heads {
  width: 100%;
  padding: 0;
  font-size: var(--size-small);
  color: var(--soft);
}

.heads > :first-child {
  grid-column: 2;
}

.link.within {
  padding-inline-start: 28px;
}

.to {
  font-size: var(--size-small);
  color: var(--soft);
  overflow-wrap: anywhere;
}

/* Narrow: where it leads stands below what visitors read. */
@container (max-width: 420px) {
  .heads {
    display: none;
  }

  .link {
    grid-template-columns: auto minmax(0, 1fr) auto;
    padding: 6px 0;
  }

  .link > :nth-child(3) {
    grid-area: 2 / 2;
  }

  .link.within {
    padding-inline-start: 16px;
  }
}
</style>
