/** The paragraphs of a plain text: runs of lines parted by blank lines. */
export function paragraphsOf(text: string): readonly string[] {
  return text
    .split(/\r?\n[ \t]*(?:\r?\n[ \t]*)+/)
    .map((paragraph) => paragraph.trim())
    .filter((paragraph) => paragraph !== '')
}
