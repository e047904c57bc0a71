/** Midnight of a calendar day, `2026-11-26`, by the clock of this browser, as date pickers take it. */
export function dateOfDay(day: string): Date | null {
  const [, year, month, date] = /^(\d{4})-(\d{2})-(\d{2})$/.exec(day) ?? []
  if (year === undefined || month === undefined || date === undefined) return null
  const midnight = new Date(2000, Number(month) - 1, Number(date))
  // The constructor takes years before 100 for those of the twentieth century.
  midnight.setFullYear(Number(year), Number(month) - 1, Number(date))
  return midnight
}

/** The calendar day of a date picker's date. */
export function dayOfDate(date: Date): string {
  const [year, month, day] = [date.getFullYear(), date.getMonth() + 1, date.getDate()]
  return `${String(year).padStart(4, '0')}-${String(month).padStart(2, '0')}-${String(day).padStart(2, '0')}`
}
