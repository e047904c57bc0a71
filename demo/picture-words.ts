import type { MotifName } from './pictures/motifs'

/** What each motif shows, for people who can't see it. */
export const pictureWords: Record<MotifName, string> = {
  basket: 'Cut paper: a full basket with a tall handle',
  beds: 'Cut paper: planted beds seen from above',
  bees: 'Cut paper: bees over a strip of clover',
  blossom: 'Cut paper: blossom on bare twigs',
  branch: 'Cut paper: a slanting branch in leaf',
  frost: 'Cut paper: a moon over frosted stems',
  fruit: 'Cut paper: fruit hanging from a bough',
  hills: 'Cut paper: hills and furrows under a low sun',
  jars: 'Cut paper: jars of seed on a shelf',
  packets: 'Cut paper: seed packets fanned out',
  pods: 'Cut paper: open pods with their seeds',
  roots: 'Cut paper: roots below the ground line',
  rows: 'Cut paper: rows of seedlings',
  shed: 'Cut paper: a long boarded shed',
  tools: 'Cut paper: tools hanging on their hooks',
}
