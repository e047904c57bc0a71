import { fitCodeFrames } from './code-frames'
import { countRead } from './count-read'
import { drive } from './drive'
import { onceFontsAreThere } from './fonts'
import { keepUpToDate } from './keep-up-to-date'

// What is measured in fonts that stand in would move when the others come.
onceFontsAreThere(drive)
// The bench changes the page in place and says so.
document.addEventListener('bushel:changed', drive)

fitCodeFrames()

const { page, entry } = document.body.dataset
if (page !== undefined) keepUpToDate(page)
if (entry !== undefined) countRead(entry)
