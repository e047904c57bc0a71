import { database } from '../db/client'
import { changeFeed, liveAsker } from '../live/feed'
import { KeptDocuments } from './kept-documents'
import { publicDocument } from './public-document'

let documents: KeptDocuments | undefined

/** The documents of public pages, kept until anything on them may be another. */
export function keptDocuments(): KeptDocuments {
  documents ??= new KeptDocuments(changeFeed(), (path, query, now, visit) =>
    publicDocument(database(), path, { now, page: null, visit }, liveAsker(), query),
  )
  return documents
}
