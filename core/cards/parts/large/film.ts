import { fileAddress } from '../../../content/media'
import { filesOf } from '../../entry-in-full'
import { definePart, partSettings } from '../define'
import type { PartBase } from '../define'

/** The films and sounds of the entry's fields, ready to be played. */
export interface FilmSetting extends PartBase {
  readonly part: 'film'
}

export interface FilmContent {
  readonly films: readonly {
    /** What it is called to those who don't see it. */
    readonly name: string
    readonly kind: 'video' | 'sound'
    readonly source: string
    readonly captions: string | null
  }[]
  /** BCP 47, of the captions. */
  readonly language: string
}

export const film = definePart<'film', FilmSetting, FilmContent>({
  name: 'film',
  title: 'Film and sound',
  styled: '.film',
  isLarge: true,
  schema: partSettings('film'),
  defaults: { part: 'film', on: true },
  phrase: () => 'film',
  content(_setting, entry, { locale }) {
    const captions = filesOf(entry, 'captions')[0]
    const films = filesOf(entry, 'video', 'sound').map((file) => ({
      name: `${file.field.name}: ${entry.title}`,
      kind: file.kind === 'video' ? ('video' as const) : ('sound' as const),
      source: fileAddress(file),
      captions: captions === undefined ? null : fileAddress(captions),
    }))
    return films.length === 0 ? null : { films, language: locale }
  },
})
