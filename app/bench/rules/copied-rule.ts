import { useLocalStorage } from '@vueuse/core'
import { computed } from 'vue'
import { ruleSchema } from '~~/core/rules'
import type { Rule } from '~~/core/rules'
import { parseWith } from '~~/core/parsing'
import { keptJson } from '../../shared/kept-json'

const text = useLocalStorage('bushel.copied-rule', '')

/** The rule that was copied last, in this listing or another; null for none. */
export const copiedRule = computed<Rule | null>({
  get() {
    const parsed = parseWith<Rule>(ruleSchema, keptJson(text.value))
    return parsed.ok ? parsed.value : null
  },
  set: (rule) => (text.value = rule === null ? '' : JSON.stringify(rule)),
})
