import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { placementsOf, spotOf } from '~~/core/pages/standing'
import { inBench, pageDraft, startApp } from './support/app'
import type { App } from './support/app'
import {
  chooseFrom,
  fillDate,
  press,
  waitFor,
  waitForNoText,
  waitForStatus,
  waitForText,
} from './support/hands'
import { violations } from './support/violations'

let app: App
beforeAll(async () => {
  app = await startApp()
})
afterAll(() => app.stop())

const shelf = 'section[aria-label=Shelf]'

describe('the shelf', () => {
  it.each(['mouse', 'keys'])('puts a thing back where it stood, by %s', async (hand) => {
    const page = await inBench(app, 'Field notes', { width: 1280, height: 1100 })
    const before = (await pageDraft(app, '/field-notes')).areas
    await chooseFrom(page, hand, 'What to do with Most read', 'Keep on the shelf')
    await waitForText(page, shelf, 'Most read')
    await chooseFrom(page, hand, 'What to do with Most read', 'Put back where it stood')
    await waitForNoText(page, shelf, 'Most read')
    await waitForStatus(page, 'Saved')
    expect((await pageDraft(app, '/field-notes')).areas).toEqual(before)
    await page.close()
  })

  it('keeps a thing until a day, said where it lies', async () => {
    const page = await inBench(app, 'Orchard', { width: 1280, height: 1000 })
    await press(page, 'button', 'Wildlife notes 5')
    await page.keyboard.press('s')
    await waitForText(page, shelf, 'Wildlife notes')
    await press(page, 'button', 'Wildlife notes 5')
    await page.keyboard.press('1')
    await fillDate(page, 'Comes back by itself on', '24/12/2026')
    await page.keyboard.press('Tab')
    await waitForText(page, shelf, 'until 24 Dec')
    await waitForStatus(page, 'Saved')
    const [parked] = (await pageDraft(app, '/orchard')).shelf
    expect(parked?.parked).toMatchObject({ area: 'side', until: '2026-12-24' })
    expect(await violations(page)).toEqual([])
    await page.close()
  })

  it.each(['mouse', 'keys'])(
    'of another page gives a thing as it is set, by %s; Undo gives it back',
    async (hand) => {
      const [lying] = (await pageDraft(app, '/')).shelf
      const page = await inBench(app, 'Plots', { width: 1280, height: 1000 })
      await waitForText(page, shelf, 'from From the hill')
      await (await page.waitForSelector(`${shelf} summary`))?.click()
      expect(await violations(page)).toEqual([])
      await chooseFrom(page, hand, 'Bring Frost notice here', 'To Side')
      await waitForText(page, 'section[aria-label=Side]', 'Frost notice')
      await waitForStatus(page, 'Saved')
      expect(placementsOf(await pageDraft(app, '/plots'))).toContainEqual(lying)
      expect(spotOf(await pageDraft(app, '/'), lying?.id ?? '')).toBeNull()
      await press(page, 'button', 'Undo: Bring “Frost notice”')
      await waitForNoText(page, 'section[aria-label=Side]', 'Frost notice')
      await expect.poll(async () => spotOf(await pageDraft(app, '/'), lying?.id ?? '')).toBe('shelf')
      await waitFor(page, 'button', 'Bring Frost notice here')
      await page.close()
    },
  )
})
