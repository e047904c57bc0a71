import { countsAdding } from '../listings/key-counts'
import { horizonMoving } from '../content/horizon'
import { logsTidying } from '../content/tidy-logs'
import { widthsMaking } from '../media/renditions'
import { oldPressesDropping } from '../presses/months'
import { leftWorkTaking, workFinishing } from '../work/jobs'
import type { Job } from './define'

/** Every job. A new one stands beside what it works on, and on a line here. */
export const jobs = [
  workFinishing,
  leftWorkTaking,
  countsAdding,
  horizonMoving,
  logsTidying,
  oldPressesDropping,
  widthsMaking,
] as unknown as readonly Job[]
