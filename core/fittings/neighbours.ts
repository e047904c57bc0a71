import { textSchema } from '../schemas'
import { defineFitting, fittingSettings } from './define'

export interface NeighboursSettings {
  /** Over the entry published before. */
  readonly earlier: string
  /** Over the entry published after. */
  readonly later: string
}

const label = () =>
  textSchema().trim().required('Say which way it leads.').max(40, 'Keep it within 40 characters.')

/** Leads to the entries published right before and right after the one whose page it stands on. */
export const neighbours = defineFitting<'neighbours', NeighboursSettings>({
  name: 'neighbours',
  title: 'Earlier and later',
  about: 'Ways to the entries published before and after the one of the page',
  defaults: { earlier: 'Earlier', later: 'Later' },
  styled: [
    { name: 'neighbour', title: 'Title', selector: '.neighbours a', isPressed: true },
    { name: 'neighbour-way', title: 'Which way', selector: '.neighbours span', heldBy: '.neighbours a' },
  ],
  schema: fittingSettings('neighbours', { earlier: label(), later: label() }),
  showsEntries: true,
})
