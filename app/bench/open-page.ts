import type { PageDocument } from '~~/core/edits/document'
import type { EditedPage } from '~~/core/pages/answers'
import { useDraft } from '../stores/bench/draft'
import { useSelection } from '../stores/bench/selection'
import { useShown } from '../stores/bench/shown'
import { useView } from '../stores/bench/view'

/** Begins work on a page: with the saved document, and what was not saved of it yet as its first edit. */
export function openPage(loaded: EditedPage, saved: PageDocument, unsaved: PageDocument | null): void {
  useSelection().open()
  useShown().open(loaded)
  useView().open(loaded)
  useDraft().open(loaded, saved, unsaved)
}
