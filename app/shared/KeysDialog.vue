<script setup lang="ts">
import SheetDialog from './SheetDialog.vue'
import SwitchSetting from './settings/SwitchSetting.vue'
import { heardScopes, isAlone, setSingleKeys, singleKeys } from './keys'
import { words } from './words'

/** The shortcuts of the screen that is open, and of every screen. */
const open = defineModel<boolean>({ required: true })
const scopes = heardScopes()
</script>

<template>
  <SheetDialog v-model="open" :width="680" :title="words.keys.title">
    <SwitchSetting :label="words.keys.single" :value="singleKeys" fallback @change="setSingleKeys" />
    <section v-for="scope in scopes" :key="scope.title" :aria-label="scope.title">
      <h3>{{ scope.title }}</h3>
      <dl>
        <div
          v-for="one in scope.shortcuts"
          :key="one.keys"
          :class="{ off: isAlone(one.keys) && !singleKeys }"
        >
          <dt>
            <kbd>{{ one.keys }}</kbd>
          </dt>
          <dd>{{ one.title }}</dd>
        </div>
      </dl>
    </section>
    <template #actions>
      <v-btn height="36" @click="open = false">{{ words.close }}</v-btn>
    </template>
  </SheetDialog>
</template>

<style scoped>
h3 {
  margin-top: 16px;
  font-size: var(--size-body);
}

dl {
  columns: 2;
  column-gap: 28px;
  margin: 6px 0 0;
}

dl div {
  display: grid;
  grid-template-columns: 96px minmax(0, 1fr);
  gap: 8px;
  align-items: center;
  min-height: 34px;
  break-inside: avoid;
}

.off {
  color: var(--soft);
  text-decoration: line-through;
}

dd {
  margin: 0;
}

kbd {
  padding: 2px 7px;
  border: 1px solid var(--line);
  border-radius: 6px;
  background: var(--paper);
  font: 600 var(--size-note) var(--sans, inherit);
}

@media (width < 560px) {
  dl {
    columns: 1;
  }
}
</style>
