import { noCss } from '~~/core/looks/own-css/own-css'
import { pageSets } from '~~/core/looks/site-values'
import { addLook, saveLook, setLookDeleted, sharedLooks } from '~~/server/looks/looks'
import { saveSiteValues, siteValues } from '~~/server/site/values'
import type { Db } from '~~/server/db/client'

type Pick = <T>(from: readonly T[]) => T

/** Makes a look while there are few; changes one, or takes it away and puts it back. */
export async function changeLook(db: Db, at: number, pick: Pick): Promise<void> {
  const looks = await sharedLooks(db)
  if (looks.length < 4) {
    await addLook(db, { name: `Mixed ${at}`, styles: [], css: noCss })
    return
  }
  const look = pick(looks)
  if (at % 5 === 0) {
    await setLookDeleted(db, look.id, true)
    await setLookDeleted(db, look.id, false)
    return
  }
  const { name, styles, version } = look
  await saveLook(db, look.id, { name, styles, css: { text: `/* ${at} */`, isOn: true }, version })
}

/** Has pages go by another set of the palette. */
export async function changeValues(db: Db, pick: Pick): Promise<void> {
  await saveSiteValues(db, { ...(await siteValues(db)), pages: pick(pageSets) })
}

/** What is wrong with the named values after so many acknowledged changes: each made the version grow. */
export async function lostValues(db: Db, acknowledged: number): Promise<readonly string[]> {
  const { version } = await siteValues(db)
  return version > acknowledged ? [] : [`${acknowledged} changes of the palette made version ${version}`]
}
