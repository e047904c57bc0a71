import { database } from '../db/client'
import { changeFeed, liveAsker } from '../live/feed'
import { CalendarFiles } from './calendar-files'

let files: CalendarFiles | undefined

/** The calendar files of the live site. */
export function calendarFiles(): CalendarFiles {
  files ??= new CalendarFiles(database(), liveAsker(), changeFeed())
  return files
}
