import { withPart } from '../cards/card-edits'
import { partKey } from '../cards/parts'
import type { PartSetting } from '../cards/parts'
import type { Check } from './define'
import { partsOn } from './define'

/**
 * Links that say the same on every card, and so lead nowhere to be told apart (WCAG 2.2, success
 * criterion 2.4.4).
 */
export const silentLinks: Check = {
  name: 'silent-links',
  title: 'Link that says nothing',
  find({ listing, cards }) {
    const leads = (part: PartSetting) =>
      part.part === 'button' && !part.titled && (listing.card.links || part.to !== undefined)
    const button = partsOn(listing.card).find(leads)
    if (button?.part !== 'button' || cards.length < 2) return []
    return [
      {
        text: `“${button.text}” says the same on ${cards.length} cards. Read alone, no link tells where it leads.`,
        mends: [
          {
            title: 'Read out the title after it',
            edit: (before) => ({
              ...before,
              card: { ...before.card, parts: withPart(before.card.parts, { ...button, titled: true }) },
            }),
          },
        ],
        show: { part: partKey(button) },
      },
    ]
  },
}
