<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { Placement, Surroundings } from '~~/core/pages/definition'
import { anchorFault, classesFault, classesIn, ownClass } from '~~/core/pages/own-names'
import FoldedPart from '../shared/FoldedPart.vue'
import { useDraft } from '../stores/bench/draft'
import { words } from './words'

/** The names that the designer gives to something placed. What can't be one is said, and not kept. */
const props = defineProps<{ placement: Placement }>()
const emit = defineEmits<{
  set: [key: 'anchor' | 'classes', value: Surroundings['anchor' | 'classes'] | null]
}>()
const draft = useDraft()

const anchor = ref('')
const classes = ref('')
const isOpen = ref(false)
watch(
  () => props.placement.id,
  () => (isOpen.value = props.placement.anchor !== undefined || props.placement.classes !== undefined),
  { immediate: true },
)
// As they are kept, unless what is typed means the same.
watch(
  () => [props.placement.id, props.placement.anchor ?? ''] as const,
  ([, kept]) => (anchor.value = kept),
  { immediate: true },
)
watch(
  () => [props.placement.id, (props.placement.classes ?? []).join(' ')] as const,
  ([, kept]) => {
    if (classesIn(classes.value).join(' ') !== kept) classes.value = kept
  },
  { immediate: true },
)

const anchorProblem = computed(() => {
  const name = anchor.value.trim()
  return name === '' ? null : anchorFault(name, draft.page, props.placement.id)
})
const classesProblem = computed(() => classesFault(classesIn(classes.value)))
const example = computed(() => ownClass(classesIn(classes.value)[0] ?? 'spring-talks'))

function typeAnchor(text: string | null) {
  anchor.value = text ?? ''
  const name = anchor.value.trim()
  if (name !== (props.placement.anchor ?? '') && anchorProblem.value === null)
    emit('set', 'anchor', name === '' ? null : name)
}

function typeClasses(text: string | null) {
  classes.value = text ?? ''
  const all = classesIn(classes.value)
  if (all.join(' ') !== (props.placement.classes ?? []).join(' ') && classesProblem.value === null)
    emit('set', 'classes', all.length === 0 ? null : all)
}
</script>

<template>
  <FoldedPart v-model:open="isOpen" :title="words.ownNames">
    <div class="names">
      <v-text-field
        :label="words.anchor"
        :hint="words.anchorHint(anchor.trim())"
        persistent-hint
        maxlength="40"
        autocomplete="off"
        :model-value="anchor"
        :error-messages="anchorProblem ?? undefined"
        @update:model-value="typeAnchor"
      />
      <v-text-field
        :label="words.classes"
        :hint="words.classesHint(example)"
        persistent-hint
        maxlength="240"
        autocomplete="off"
        :model-value="classes"
        :error-messages="classesProblem ?? undefined"
        @update:model-value="typeClasses"
      />
    </div>
  </FoldedPart>
</template>

<style scoped>
.names {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  /* Fields keep their height beside hints of two lines. */
  align-items: start;
  gap: 14px;
}
</style>
