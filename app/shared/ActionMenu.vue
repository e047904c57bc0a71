<script setup lang="ts">
/** A menu of things to do, opened by the control in its slot. */
export interface MenuAction {
  readonly title: string
  readonly run: () => unknown
}

defineProps<{ label: string; actions: readonly MenuAction[] }>()
</script>

<template>
  <v-menu location="bottom end">
    <template #activator="{ props: opener }"><slot :opener="opener" /></template>
    <v-list role="menu" :aria-label="label" density="compact" min-width="200">
      <v-list-item
        v-for="action in actions"
        :key="action.title"
        role="menuitem"
        :title="action.title"
        @click="action.run"
      />
    </v-list>
  </v-menu>
</template>
