import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { fieldTypes } from '~~/core/content/fields'
import type { FieldTypeName } from '~~/core/content/fields'
import { addCollection } from '~~/server/content/collections'
import { addField } from '~~/server/content/field-writing'
import { saveHappening } from '~~/server/content/happening'
import { openCollection, signedIn, startApp, visitor } from './support/app'
import type { App } from './support/app'
import {
  choose,
  chooseFrom,
  chooseOne,
  chooseRadio,
  enter,
  fill,
  fillDate,
  fillTime,
  pick,
  pickBy,
  press,
  setNumber,
  use,
  waitFor,
  waitForNoDialog,
  waitForNoText,
  waitForText,
} from './support/hands'

let app: App
beforeAll(async () => {
  app = await startApp()
})
afterAll(() => app.stop())

/** A collection with a field of each of the kinds whose inputs are more than a line of text. */
async function trials(): Promise<void> {
  const { id } = await addCollection(app.db, {
    name: 'Trials',
    singular: 'Trial',
    plural: 'Trials',
    icon: 'seed',
    kind: 'plain',
    address: '/trials/{slug}',
    facets: [],
  })
  const notes = await app.db
    .selectFrom('collections')
    .select('id')
    .where('slug', '=', 'field-notes')
    .executeTakeFirstOrThrow()
  const options = [
    { key: 'clay', title: 'Clay' },
    { key: 'loam', title: 'Loam' },
    { key: 'sand', title: 'Sand' },
  ]
  const fields: readonly (readonly [string, FieldTypeName, object])[] = [
    ['Views of it', 'pictures', {}],
    ['Report', 'file', {}],
    ['Read first', 'reference', { collection: notes.id, many: true }],
    ['Watered', 'recurrence', {}],
    ['Soils', 'choice', { options, many: true }],
    ['Sown', 'date', {}],
    ['Opened', 'date-time', {}],
    ['Under glass', 'yes-no', {}],
    ['Notes', 'rich-text', {}],
    ['Story', 'long-text', {}],
  ]
  for (const [name, type, settings] of fields) {
    const key = name.toLowerCase().replaceAll(' ', '_')
    const given = { ...(fieldTypes.get(type).defaults as object), ...settings }
    await addField(app.db, id, {
      key,
      name,
      type,
      settings: given,
      required: false,
      help: '',
      fallback: null,
      filterable: false,
      sortable: false,
    })
  }
}

describe('the inputs of a form', () => {
  it('take pictures, files, entries, repeats, choices, dates and rich text, and give them back', async () => {
    await trials()
    const page = await signedIn(app)
    await openCollection(page, 'Trials')
    await press(page, 'link', 'Add a trial')
    await fill(page, 'Title', 'Beans in three soils')
    for (const picture of ['scion-wood-cutting-keeping-swapping.webp', 'how-to-borrow-seed.webp']) {
      await press(page, 'button', 'Add a picture: Views of it')
      await fill(page, 'Find by name or description', picture)
      await press(page, 'button', `Use ${picture}`)
      await waitForNoDialog(page)
    }
    await press(page, 'button', 'Move earlier: how-to-borrow-seed.webp')
    await press(page, 'button', 'Choose: Report')
    await fill(page, 'Find by name or description', 'vtt')
    const captions = await app.db
      .selectFrom('media')
      .select(['id', 'file_name'])
      .where('kind', '=', 'captions')
      .orderBy('id')
      .executeTakeFirstOrThrow()
    await press(page, 'button', `Use ${captions.file_name}`)
    await waitForNoDialog(page)
    await choose(page, 'Read first', 'How to borrow seed')
    await pick(page, 'Watered', 'By a rule as calendar files write it')
    await fill(page, 'Rule', 'FREQ=SOMETIMES')
    await choose(page, 'Soils', 'Loam')
    await choose(page, 'Soils', 'Clay')
    await fillDate(page, 'Sown', '12/04/2026')
    await fillDate(page, 'Opened', '01/07/2026')
    await fillTime(page, 'Opened', '18:30')
    await press(page, 'radio', 'Yes')
    await enter(page, await waitFor(page, 'textbox', 'Notes'))
    await page.keyboard.type('Loam ')
    await page.keyboard.down('Control')
    await page.keyboard.press('KeyB')
    await page.keyboard.up('Control')
    await page.keyboard.type('wins')
    await fill(page, 'Story', 'Sown in spring.')
    await press(page, 'button', 'Publish')
    await waitForText(page, 'form', 'Events repeat daily, weekly, monthly or yearly.')
    await fill(page, 'Rule', 'FREQ=WEEKLY;BYDAY=TU,FR')
    await press(page, 'button', 'Publish')
    await waitForText(page, 'body', 'Published: “Beans in three soils”')

    const entry = await app.db
      .selectFrom('entries')
      .select(['field_values', 'collection_id'])
      .where('slug', '=', 'beans-in-three-soils')
      .executeTakeFirstOrThrow()
    const fields = await app.db
      .selectFrom('fields')
      .select(['id', 'key'])
      .where('collection_id', '=', entry.collection_id)
      .execute()
    const value = Object.fromEntries(
      fields.map(({ id, key }) => [key, (entry.field_values as Record<string, unknown>)[id]]),
    )
    const idOf = async (name: string) =>
      (await app.db.selectFrom('media').select('id').where('file_name', '=', name).executeTakeFirstOrThrow())
        .id
    const read = await app.db
      .selectFrom('entries')
      .select('id')
      .where('slug', '=', 'how-to-borrow-seed')
      .executeTakeFirstOrThrow()
    expect(value).toMatchObject({
      views_of_it: [
        await idOf('how-to-borrow-seed.webp'),
        await idOf('scion-wood-cutting-keeping-swapping.webp'),
      ],
      report: captions.id,
      read_first: [read.id],
      watered: 'FREQ=WEEKLY;BYDAY=TU,FR',
      soils: ['clay', 'loam'],
      sown: '2026-04-12',
      under_glass: true,
      story: 'Sown in spring.',
    })
    const spans = [
      { type: 'text', text: 'Loam ' },
      { type: 'text', text: 'wins', marks: [{ type: 'bold' }] },
    ]
    expect(value.notes).toMatchObject({ content: [{ content: spans }] })

    await waitFor(page, 'heading', 'Beans in three soils')
    await page.reload()
    await waitFor(page, 'heading', 'Beans in three soils')
    await waitFor(page, 'button', 'Move earlier: scion-wood-cutting-keeping-swapping.webp')
    await waitForText(page, 'form', 'How to borrow seed')
    const plain = await visitor(app, { script: false })
    await plain.goto(`${app.address}/trials/beans-in-three-soils`)
    await waitForText(plain, 'main', 'Clay, Loam')
    await waitForText(plain, 'main', 'Sown in spring.')
    expect(await plain.$$eval('main img', (all) => all.length)).toBeGreaterThan(1)
  })

  it.each([
    ['mouse', 'Wednesday menders'],
    ['keys', 'Seed room open'],
  ])('show the next dates of what repeats, and set any of them: by %s', async (hand, title) => {
    const page = await signedIn(app)
    await openCollection(page, 'Swap days')
    await press(page, 'link', title)
    await waitFor(page, 'button', 'Add a date')
    const names = await page.$$eval('section[aria-label="Next dates"] li > span:first-child', (all) =>
      all.map((one) => one.textContent ?? ''),
    )
    expect(names).toHaveLength(5)
    const [first = '', second = '', third = ''] = names
    const dates = 'section[aria-label="Next dates"]'
    await chooseFrom(page, hand, `What to do with ${first}`, 'Cancel it')
    await waitForText(page, dates, 'cancelled, and shown as such')
    await chooseFrom(page, hand, `What to do with ${second}`, 'Leave it out')
    await waitForText(page, dates, 'left out')
    await chooseFrom(page, hand, `What to do with ${second}`, 'As the rule has it')
    await waitForNoText(page, dates, 'left out')
    await chooseFrom(page, hand, `What to do with ${third}`, 'Move it')
    await fillTime(page, 'Begins', '11:15')
    await use(page, hand, 'Move it')
    await waitForNoDialog(page)
    await waitForText(page, dates, 'moved to')
    await use(page, hand, 'Add a date')
    await fillTime(page, 'Begins', '06:45')
    await page.keyboard.down('Control')
    await page.keyboard.press('KeyS')
    await page.keyboard.up('Control')
    await waitForNoDialog(page)
    await press(page, 'button', 'Save')
    await waitForText(page, '[role=status]', 'Saved')

    const { id } = await app.db
      .selectFrom('entries')
      .select('id')
      .where('title', '=', title)
      .executeTakeFirstOrThrow()
    const rows = await app.db
      .selectFrom('occurrences')
      .selectAll()
      .where('entry_id', '=', id)
      .where('starts_at', '>', new Date())
      .orderBy('key')
      .execute()
    expect(rows.filter((row) => row.is_cancelled)).toHaveLength(1)
    expect(rows[0]?.is_cancelled).toBe(true)
    const clock = (at: Date | undefined) =>
      at?.toLocaleTimeString('en-GB', { timeZone: 'Europe/London', timeStyle: 'short' })
    expect(clock(rows.find((row) => row.key.getTime() !== row.starts_at.getTime())?.starts_at)).toBe('11:15')
    expect(rows.map((row) => clock(row.starts_at))).toContain('06:45')
  })

  it.each([
    ['mouse', 'Bean and pea swap'],
    ['keys', 'Scion wood labelling'],
  ])('say in words how something comes again, with its next dates: by %s', async (hand, title) => {
    const page = await signedIn(app)
    await openCollection(page, 'Swap days')
    await press(page, 'link', title)
    await waitFor(page, 'heading', title)
    const rule = '[role=group][aria-label="Repeats: how often"]'
    await pickBy(page, hand, 'Repeats', 'Otherwise…')
    await waitForText(page, rule, 'It comes every week.')
    await setNumber(page, 'Every', 2)
    await use(page, hand, 'Wednesday')
    await use(page, hand, 'Friday')
    await waitForText(page, rule, 'It comes every second week on Wednesday and Friday.')
    await use(page, hand, 'Friday')
    await pickBy(page, hand, 'Ends', 'After so many times')
    await setNumber(page, 'Times', 4)
    await waitForText(page, rule, 'It comes every second week on Wednesday, 4 times.')
    await pickBy(page, hand, 'Days, weeks, months or years', 'months')
    await pickBy(page, hand, 'On the', 'last')
    await pickBy(page, hand, 'Weekday', 'Friday')
    await waitForText(page, rule, 'It comes every second month on the last Friday, 4 times.')
    await pickBy(page, hand, 'Ends', 'On a day')
    await fillDate(page, 'Last day', '31/05/2031')
    await waitForText(page, rule, 'It comes every second month on the last Friday, until 31 May 2031.')
    const dates = 'section[aria-label="Next dates"]'
    await expect.poll(() => page.$$eval(`${dates} li`, (all) => all.length)).toBe(5)
    const named = await page.$$eval(`${dates} li > span:first-child`, (all) =>
      all.map((one) => one.textContent),
    )
    expect(named.slice(1).filter((name) => name.startsWith('Fri'))).toHaveLength(4)
    await press(page, 'button', 'Save')
    await waitForText(page, '[role=status]', 'Saved')
    await page.reload()
    // It is read back as it was said.
    await waitForText(page, rule, 'It comes every second month on the last Friday, until 31 May 2031.')
    const { id } = await app.db
      .selectFrom('entries')
      .select('id')
      .where('title', '=', title)
      .executeTakeFirstOrThrow()
    const rows = await app.db
      .selectFrom('occurrences')
      .select('starts_at')
      .where('entry_id', '=', id)
      .execute()
    const weekdays = rows.map((row) => new Date(row.starts_at).getUTCDay())
    // Its own beginning is one of them (RFC 5545, 3.8.5.3), whichever day that is.
    expect(weekdays.filter((day) => day !== 5).length).toBeLessThan(2)
    expect(weekdays.length).toBeGreaterThan(5)
  })

  it('stand together where they say when: its clock is that of its zone, and whole days have no times', async () => {
    const definition = {
      name: 'Visits',
      singular: 'Visit',
      plural: 'Visits',
      icon: 'seed',
      kind: 'event',
      address: '/visits/{slug}',
      facets: [],
    } as const
    const { id } = await addCollection(app.db, definition)
    const added = async (name: string, type: FieldTypeName) =>
      (
        await addField(app.db, id, {
          key: name.toLowerCase().replaceAll(' ', '_'),
          name,
          type,
          settings: fieldTypes.get(type).defaults as object,
          required: false,
          help: '',
          fallback: null,
          filterable: false,
          sortable: false,
        })
      ).id
    const [start, end, wholeDays, zone] = [
      await added('From', 'date-time'),
      await added('To', 'date-time'),
      await added('All day', 'yes-no'),
      await added('Clock', 'zone'),
    ]
    await added('Remark', 'short-text')
    await saveHappening(app.db, id, {
      when: { start, end, length: null, wholeDays, repeats: null, zone },
      where: null,
      track: null,
    })
    const page = await signedIn(app)
    await openCollection(page, 'Visits')
    await press(page, 'link', 'Add a visit')
    await fill(page, 'Title', 'Two days by the sea')
    const group = await waitFor(page, 'group', 'When')
    expect(await group.$$eval('[role=textbox], input', (all) => all.length)).toBeGreaterThan(4)
    expect(await group.evaluate((one) => one.textContent)).not.toContain('Remark')
    await fillDate(page, 'From', '04/07/2027')
    await fillTime(page, 'From', '10:00')
    await waitForText(page, 'fieldset', 'Time in Europe/London')
    await chooseOne(page, 'Clock', 'America/New_York')
    await waitForText(page, 'fieldset', 'Time in America/New_York')
    await fillDate(page, 'To', '05/07/2027')
    await fillTime(page, 'To', '16:30')
    const times = () => group.$$eval('input', (all) => all.map((one) => one.value))
    expect(await times()).toContain('10:00')
    await chooseRadio(page, 'mouse', 'All day', 'Yes')
    await expect.poll(times).not.toContain('10:00')
    await chooseRadio(page, 'keys', 'All day', 'No')
    await expect.poll(times).toContain('10:00')
    await press(page, 'button', 'Save')
    await waitForText(page, '[role=status]', 'Saved')
    const { field_values: values } = await app.db
      .selectFrom('entries')
      .select('field_values')
      .where('collection_id', '=', id)
      .executeTakeFirstOrThrow()
    // Clocks in New York are four hours behind UTC in July.
    expect(values).toMatchObject({
      [start]: Date.UTC(2027, 6, 4, 14),
      [end]: Date.UTC(2027, 6, 5, 20, 30),
      [zone]: 'America/New_York',
    })
  })
})
