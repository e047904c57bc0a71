import { fitCodeFrames } from './code-frames'
import { countRead } from './count-read'
import { drive } from './drive'
import { onceFontsAreThere } from './fonts'
import { keepUpToDate } from './keep-up-to-date'
import { tellHeight } from './tell-height'
import { layOutByClock, tellByClock } from './clock'
import { reachEnds } from './endless'
import { tellPresses } from './presses'
import { rememberViews } from './remembered'
import { sendScales } from './scales'
import { turnInPlace } from './turning'

// What is measured in fonts that stand in would move when the others come.
onceFontsAreThere(drive)
tellByClock()
// Whatever changes the page in place says so: the bench, and what keeps it up to date.
document.addEventListener('bushel:changed', drive)
document.addEventListener('bushel:changed', tellByClock)

fitCodeFrames()
sendScales()

const { page, entry, alone } = document.body.dataset
if (page !== undefined || alone !== undefined) turnInPlace()
if (page !== undefined) rememberViews()
// After what follows links in place: that says which of them are.
if (page !== undefined || alone !== undefined) tellPresses()
if (page !== undefined) reachEnds()
if (page !== undefined) keepUpToDate(page)
if (page !== undefined || alone !== undefined) layOutByClock()
if (entry !== undefined) countRead(entry)
if (alone !== undefined) tellHeight()
