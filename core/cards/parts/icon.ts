import { string } from 'yup'
import { collectionIcons } from '../../content/collection'
import type { CollectionIcon } from '../../content/collection'
import { definePart, partSettings } from './define'
import type { PartBase } from './define'

/** A sign that only decorates, the same on every card that meets its condition. */
export interface IconSetting extends PartBase {
  readonly part: 'icon'
  readonly icon: CollectionIcon
}

export const icon = definePart<'icon', IconSetting, { readonly icon: CollectionIcon }>({
  name: 'icon',
  title: 'Icon',
  styled: '.icon',
  schema: partSettings('icon', {
    icon: string()
      .oneOf([...collectionIcons], 'Choose one of the icons.')
      .required(),
  }),
  defaults: { part: 'icon', on: true, icon: 'leaf' },
  several: true,
  phrase: (setting) => `${setting.icon} icon`,
  content: (setting) => ({ icon: setting.icon }),
})
