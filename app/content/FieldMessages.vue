<script setup lang="ts">
/** What stands below a control of several parts: what is wrong, or the help. */
defineProps<{ faults: readonly string[]; help?: string }>()
</script>

<template>
  <p v-if="faults.length" class="fault" role="alert" data-fault>{{ faults[0] }}</p>
  <p v-else-if="help" class="help">{{ help }}</p>
</template>

<style scoped>
p {
  margin-top: 5px;
  padding-inline: 12px;
  font-size: var(--size-note);
  line-height: 1.35;
}

.fault {
  color: rgb(var(--v-theme-error));
}

.help {
  color: var(--soft);
}
</style>
