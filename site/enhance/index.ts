import { countRead } from './count-read'
import { drive } from './drive'
import { keepUpToDate } from './keep-up-to-date'

drive()
// The bench changes the page in place and says so.
document.addEventListener('bushel:changed', drive)

const { page, entry } = document.body.dataset
if (page !== undefined) keepUpToDate(page)
if (entry !== undefined) countRead(entry)
