export type DateStyle = 'day' | 'minute'

const formats: Record<DateStyle, Intl.DateTimeFormatOptions> = {
  day: { day: 'numeric', month: 'short', year: 'numeric' },
  minute: { day: 'numeric', month: 'short', year: 'numeric', hour: '2-digit', minute: '2-digit' },
}

/** An instant (epoch milliseconds) in the site's language and time zone: “12 Nov 2026”. */
export function formatDate(
  instant: number,
  place: { readonly locale: string; readonly zone: string },
  style: DateStyle = 'day',
): string {
  return new Intl.DateTimeFormat(place.locale, {
    ...formats[style],
    timeZone: place.zone,
  }).format(instant)
}

/** The time of day of an instant: “10:42”. */
export function formatTime(instant: number, place: { readonly locale: string; readonly zone: string }): string {
  return new Intl.DateTimeFormat(place.locale, { hour: '2-digit', minute: '2-digit', timeZone: place.zone }).format(instant)
}
