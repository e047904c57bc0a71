<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { decimalsOf, money, wholeAmount } from '~~/core/content/fields/money'
import type { Money, MoneySettings } from '~~/core/content/fields/money'
import { useCatalogue } from '../../stores/catalogue'
import { words } from '../words'
import { labelOf } from './field-input'
import type { FieldInputProps } from './field-input'

/** An amount, and its currency where there is a choice. */
const props = defineProps<FieldInputProps>()
const emit = defineEmits<{ change: [value: unknown]; leave: [] }>()
const catalogue = useCatalogue()
const settings = computed(() => props.field.settings as MoneySettings)

const currency = ref(currencyOf(props.value))
const text = ref(textOf(props.value))
watch(
  () => props.value,
  (value) => {
    if (JSON.stringify(valueOf()) === JSON.stringify(value ?? null)) return
    currency.value = currencyOf(value)
    text.value = textOf(value)
  },
)

function isMoney(value: unknown): value is Money {
  return typeof value === 'object' && value !== null && 'amount' in value
}

function currencyOf(value: unknown): string {
  return isMoney(value) ? value.currency : (settings.value.currencies[0] ?? '')
}

function textOf(value: unknown): string {
  return isMoney(value) ? wholeAmount(value).toFixed(decimalsOf(value.currency)) : String(value ?? '')
}

function valueOf(): unknown {
  if (text.value.trim() === '') return null
  const place = { locale: catalogue.catalogue.locale, zone: catalogue.catalogue.zone }
  const read = money.read(`${text.value} ${currency.value}`, { ...settings.value, negative: true }, place)
  return read.ok ? read.value : text.value
}

function typed(next: string | null) {
  text.value = next ?? ''
  emit('change', valueOf())
}

function chosen(next: string) {
  currency.value = next
  emit('change', valueOf())
}
</script>

<template>
  <div class="money">
    <v-text-field
      :label="labelOf(field)"
      :hint="field.help"
      :persistent-hint="field.help !== ''"
      :model-value="text"
      :suffix="settings.currencies.length === 1 ? currency : undefined"
      :error-messages="faults"
      inputmode="decimal"
      autocomplete="off"
      @update:model-value="typed"
      @blur="emit('leave')"
    />
    <v-select
      v-if="settings.currencies.length > 1"
      class="currency"
      :items="[...settings.currencies]"
      :model-value="currency"
      :label="words.currency"
      @update:model-value="chosen"
    />
  </div>
</template>

<style scoped>
.money {
  display: flex;
  gap: 8px;
}

.currency {
  flex: 0 0 110px;
}
</style>
