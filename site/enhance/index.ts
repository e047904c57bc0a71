import { fitCodeFrames } from './code-frames'
import { countRead } from './count-read'
import { drive } from './drive'
import { onceFontsAreThere } from './fonts'
import { keepUpToDate } from './keep-up-to-date'
import { tellHeight } from './tell-height'

// What is measured in fonts that stand in would move when the others come.
onceFontsAreThere(drive)
// The bench changes the page in place and says so.
document.addEventListener('bushel:changed', drive)

fitCodeFrames()

const { page, entry, alone } = document.body.dataset
if (page !== undefined) keepUpToDate(page)
if (entry !== undefined) countRead(entry)
if (alone !== undefined) tellHeight()
