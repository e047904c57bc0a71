<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { ConvertedField, FieldConversion } from '~~/core/content/answers'
import { keyOf, parseFieldInput } from '~~/core/content/field'
import type { Field, FieldInput } from '~~/core/content/field'
import { fieldTypes } from '~~/core/content/fields'
import type { FieldTypeName } from '~~/core/content/fields'
import { money } from '~~/core/content/fields/money'
import { usualCurrency } from '~~/core/content/usual-currency'
import { faultsOf } from '~~/core/parsing'
import FormDialog from '../../shared/FormDialog.vue'
import { useForm } from '../../shared/form'
import { request } from '../../shared/http'
import { useCatalogue } from '../../stores/catalogue'
import { fieldEditing } from '../inputs'
import { fieldWords } from './words'
import FieldSettings from './FieldSettings.vue'

/** A field of a collection: made, changed, and given another type after a look at what that does. */
const open = defineModel<boolean>({ required: true })
const props = defineProps<{ collectionId: number; field: Field | null }>()
const emit = defineEmits<{
  saved: [field: Field, kind: 'saved' | 'converted' | 'converting']
  remove: [field: Field]
}>()
const catalogue = useCatalogue()

const blank: FieldInput = {
  key: '',
  name: '',
  type: 'short-text',
  settings: fieldTypes.get('short-text').defaults,
  required: false,
  help: '',
  fallback: null,
  filterable: true,
  sortable: false,
}
const form = useForm<FieldInput>(blank, (values) => faultsOf(parseFieldInput(inputOf(values))))
const { values, faults, leave, sending, problem, changed } = form
const trial = ref<FieldConversion | null>(null)
const keyFollows = ref(true)
const types = fieldTypes.all.map((type) => ({ value: type.name, title: type.title, subtitle: type.about }))
const kind = computed(() => fieldTypes.get(values.type))
const changesType = computed(() => props.field !== null && props.field.type !== values.type)
const sample = computed<Field>(() => ({
  ...inputOf(values),
  id: 0,
  name: fieldWords.fallback,
  required: false,
  help: '',
}))
const number = computed(() => new Intl.NumberFormat(catalogue.catalogue.locale))

watch(open, (shown) => {
  if (!shown) return
  trial.value = null
  keyFollows.value = props.field === null
  form.reset(props.field === null ? blank : inputOf(props.field))
})
watch(
  () => [values.type, values.settings],
  () => (trial.value = null),
)

function inputOf({
  key,
  name,
  type,
  settings,
  required,
  help,
  fallback,
  filterable,
  sortable,
}: FieldInput): FieldInput {
  return { key, name, type, settings, required, help, fallback, filterable, sortable }
}

function setName(name: string) {
  values.name = name
  if (keyFollows.value) values.key = keyOf(name)
}

/** Another type has settings of its own; those of the stored type come back with it. */
function setType(type: FieldTypeName) {
  const next = fieldTypes.get(type)
  Object.assign(values, {
    type,
    settings: props.field?.type === type ? props.field.settings : freshSettings(type),
    fallback: null,
    // A new field can be filtered by wherever its type allows it, unless that was switched off.
    filterable: (values.filterable || kind.value.filter === null) && next.filter !== null,
    sortable: values.sortable && next.sortKey !== null,
  })
}

/** What a field of this type begins with on this site. */
function freshSettings(type: FieldTypeName): unknown {
  const { defaults } = fieldTypes.get(type)
  if (type === 'money') return { ...money.defaults, currencies: [usualCurrency(catalogue.catalogue)] }
  const first = catalogue.catalogue.collections[0]?.id ?? 0
  return type === 'reference' ? { collection: first, many: true } : defaults
}

async function look() {
  const { field } = props
  if (field === null) return
  trial.value = await form.send(() =>
    request<FieldConversion>('POST', `/api/bench/fields/${field.id}/conversion`, inputOf(values)),
  )
}

async function save() {
  const { field } = props
  const converts = changesType.value
  const saved = await form.send((): Promise<Field | ConvertedField> => {
    if (field === null)
      return request<Field>('POST', `/api/bench/collections/${props.collectionId}/fields`, inputOf(values))
    return request<Field | ConvertedField>(
      'PUT',
      `/api/bench/fields/${field.id}${converts ? '/conversion' : ''}`,
      inputOf(values),
    )
  })
  if (saved === null) return
  open.value = false
  emit('saved', saved, converts ? kindOf(saved) : 'saved')
}

function kindOf(saved: Field | ConvertedField) {
  return 'isGoingOn' in saved && saved.isGoingOn ? 'converting' : 'converted'
}
</script>

<template>
  <FormDialog
    v-model="open"
    :width="560"
    :title="field === null ? fieldWords.new : fieldWords.edit(field.name)"
    :save="changesType ? (trial === null ? fieldWords.look : fieldWords.convert) : fieldWords.save"
    :sending="sending"
    :problem="problem"
    :changed="changed"
    :remove="field ? fieldWords.delete : undefined"
    @send="changesType && trial === null ? look() : save()"
    @remove="field && emit('remove', field)"
  >
    <v-text-field
      :label="fieldWords.name"
      :model-value="values.name"
      :error-messages="faults('name')"
      autocomplete="off"
      autofocus
      @update:model-value="setName($event ?? '')"
      @blur="leave('name')"
    />
    <v-select
      :label="fieldWords.type"
      :items="types"
      :model-value="values.type"
      :error-messages="faults('type')"
      :hint="kind.about"
      persistent-hint
      @update:model-value="setType"
    >
      <template #item="{ props: item, index }">
        <v-list-item v-bind="item" :aria-label="types[index]?.title" :subtitle="types[index]?.subtitle" />
      </template>
    </v-select>
    <FieldSettings
      :key="values.type"
      :type="values.type"
      :settings="values.settings as Record<string, unknown>"
      :faults="faults"
      @change="values.settings = $event"
      @leave="leave"
    />
    <component
      :is="fieldEditing[values.type].input"
      :key="`fallback ${values.type}`"
      :field="sample"
      :value="values.fallback"
      :faults="faults('fallback')"
      @change="values.fallback = $event"
      @leave="leave('fallback')"
    />
    <v-text-field
      v-model="values.help"
      :label="fieldWords.help"
      :hint="fieldWords.helpHint"
      :error-messages="faults('help')"
      autocomplete="off"
      @blur="leave('help')"
    />
    <v-text-field
      :label="fieldWords.key"
      :hint="fieldWords.keyHint"
      :model-value="values.key"
      :error-messages="faults('key')"
      autocomplete="off"
      @update:model-value="((keyFollows = false), (values.key = $event ?? ''))"
      @blur="leave('key')"
    />
    <div>
      <v-switch v-model="values.required" :label="fieldWords.required" />
      <v-switch v-model="values.filterable" :label="fieldWords.filterable" :disabled="kind.filter === null" />
      <v-switch v-model="values.sortable" :label="fieldWords.sortable" :disabled="kind.sortKey === null" />
    </div>
    <section v-if="trial" class="trial" :aria-label="fieldWords.trial">
      <p>
        <strong>{{ fieldWords.trial }}</strong>
      </p>
      <p v-if="trial.total === 0">{{ fieldWords.trialNone }}</p>
      <p v-else-if="trial.refusedCount === 0">{{ fieldWords.trialAll(number.format(trial.total)) }}</p>
      <template v-else>
        <p>
          {{
            fieldWords.trialSome(
              number.format(trial.converted),
              number.format(trial.total),
              number.format(trial.refusedCount),
            )
          }}
        </p>
        <ul>
          <li v-for="one in trial.refused.slice(0, 8)" :key="one.entryId">
            <strong>{{ one.title }}</strong> <q>{{ one.text }}</q> {{ one.message }}
          </li>
        </ul>
        <p v-if="trial.refusedCount > 8">
          {{ fieldWords.trialMore(number.format(trial.refusedCount - 8)) }}
        </p>
      </template>
    </section>
  </FormDialog>
</template>

<style scoped>
.trial {
  padding: 12px 14px;
  border: 1px solid var(--rust-line);
  border-left: 4px solid var(--rust);
  border-radius: 8px;
  background: var(--rust-ground);
}

.trial ul {
  margin: 6px 0;
  padding-left: 18px;
}

.trial li {
  overflow-wrap: anywhere;
}
</style>
