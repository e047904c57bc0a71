import { drive } from './drive'
import { keepUpToDate } from './keep-up-to-date'

drive()
// The bench changes the page in place and says so.
document.addEventListener('bushel:changed', drive)

const pageId = document.body.dataset.page
if (pageId !== undefined) keepUpToDate(pageId)
