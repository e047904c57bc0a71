import { basket } from './basket'
import { beds } from './beds'
import { bees } from './bees'
import { blossom } from './blossom'
import { branch } from './branch'
import { frost } from './frost'
import { fruit } from './fruit'
import { hills } from './hills'
import { jars } from './jars'
import { packets } from './packets'
import { pods } from './pods'
import { roots } from './roots'
import { rows } from './rows'
import { shed } from './shed'
import { tools } from './tools'

/** Every motif. A new one is a file beside these and a line here. */
export const motifs = {
  basket,
  beds,
  bees,
  blossom,
  branch,
  frost,
  fruit,
  hills,
  jars,
  packets,
  pods,
  roots,
  rows,
  shed,
  tools,
}
export type MotifName = keyof typeof motifs
