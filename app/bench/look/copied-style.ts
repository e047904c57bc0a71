import { shallowRef } from 'vue'
import type { TargetStyles } from '~~/core/looks/target-edits'

/** The style of something that was copied last, in this listing or another of this visit. */
export const copiedStyle = shallowRef<TargetStyles | null>(null)
