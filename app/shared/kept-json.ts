/** What a browser kept as JSON; null where nothing that can be read stands there, as anybody can write it. */
export function keptJson(text: string | null): unknown {
  try {
    return text === null ? null : JSON.parse(text)
  } catch {
    return null
  }
}
