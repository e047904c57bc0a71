/** Whether what was typed stands in one of the texts, letters taken as they are read: “Ö” for “o” too. */
export function isFound(typed: string, texts: readonly string[]): boolean {
  const wanted = plain(typed.trim())
  return wanted === '' || texts.some((text) => plain(text).includes(wanted))
}

function plain(text: string): string {
  return text
    .normalize('NFD')
    .replace(/\p{Mn}/gu, '')
    .toLowerCase()
}
