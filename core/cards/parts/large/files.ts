import { fileAddress } from '../../../content/media'
import { filesOf } from '../../entry-in-full'
import type { NavigationLink } from '../../../navigation'
import { definePart, partSettings } from '../define'
import type { PartBase } from '../define'

/** The papers of the entry's fields, to be fetched. */
export interface FilesSetting extends PartBase {
  readonly part: 'files'
}

export interface FilesContent {
  /** Under the name of their field. */
  readonly files: readonly { readonly name: string; readonly to: NavigationLink }[]
}

export const files = definePart<'files', FilesSetting, FilesContent>({
  name: 'files',
  title: 'Files to fetch',
  styled: '.files',
  isLarge: true,
  schema: partSettings('files'),
  defaults: { part: 'files', on: true },
  phrase: () => 'files',
  content(_setting, entry) {
    const found = filesOf(entry, 'document').map((file) => ({
      name: file.field.name,
      to: { title: file.fileName, path: fileAddress(file) },
    }))
    return found.length === 0 ? null : { files: found }
  },
})
