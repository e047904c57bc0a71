/** One line of a calendar file: its name, its parameters by name, and its value as it stands there. */
export interface ContentLine {
  readonly name: string
  readonly parameters: Readonly<Record<string, readonly string[]>>
  readonly value: string
}

/** A line takes so many octets at most, its end not counted (RFC 5545, 3.1). */
const mostOctets = 75

/**
 * Lines as the text of a file: each folded so that none takes more than 75 octets, without parting a
 * character (RFC 5545, 3.1).
 */
export function foldedText(lines: readonly string[]): string {
  return lines.map((line) => `${folded(line)}\r\n`).join('')
}

function folded(line: string): string {
  let [text, octets] = ['', 0]
  for (const character of line) {
    const own = octetsOf(character)
    if (octets + own > mostOctets) {
      text += '\r\n '
      octets = 1
    }
    text += character
    octets += own
  }
  return text
}

/** Octets of a character in UTF-8 (RFC 3629, 3). */
function octetsOf(character: string): number {
  const code = character.codePointAt(0) ?? 0
  if (code < 0x80) return 1
  if (code < 0x800) return 2
  return code < 0x10000 ? 3 : 4
}

/** The lines of a file, unfolded; ends of lines may be those of any system. */
export function unfoldedLines(text: string): readonly string[] {
  return text
    .replace(/^\uFEFF/, '')
    .replace(/\r\n|\r/g, '\n')
    .replace(/\n[ \t]/g, '')
    .split('\n')
    .filter((line) => line !== '')
}

const escapes: Readonly<Record<string, string>> = { '\\': '\\\\', ';': '\\;', ',': '\\,', '\n': '\\n' }

/** What cannot stand in a text: control characters other than the tab and the end of a line. */

const controls = /[\u0000-\u0008\u000B-\u001F\u007F]/g

/** A text as a value (RFC 5545, 3.3.11); control characters are left out. */
export function textValue(text: string): string {
  return text
    .replace(/\r\n|\r/g, '\n')
    .replace(controls, '')
    .replace(/[\\;,\n]/g, (found) => escapes[found] ?? found)
}

/** The text of a value. */
export function readText(value: string): string {
  return value.replace(/\\([\\;,nN])/g, (_, found: string) => (found.toLowerCase() === 'n' ? '\n' : found))
}

/** The texts of a value that is a list of them. */
export function readTexts(value: string): readonly string[] {
  return (value.match(/(?:\\.|[^,\\])+/g) ?? []).map(readText)
}

/** Reads a line; null for what is none. Quoted parameters are read by RFC 6868 too. */
export function readLine(line: string): ContentLine | null {
  const [head, name] = /^([A-Za-z0-9-]+)/.exec(line) ?? []
  if (head === undefined || name === undefined) return null
  const parameters: Record<string, readonly string[]> = {}
  let rest = line.slice(head.length)
  while (rest.startsWith(';')) {
    const [whole, key = '', list = ''] =
      /^;([A-Za-z0-9-]+)=((?:"[^"]*"|[^":;,]*)(?:,(?:"[^"]*"|[^":;,]*))*)/.exec(rest) ?? []
    if (whole === undefined) return null
    parameters[key.toUpperCase()] = (list.match(/"[^"]*"|[^,]+/g) ?? []).map(readParameter)
    rest = rest.slice(whole.length)
  }
  return rest.startsWith(':') ? { name: name.toUpperCase(), parameters, value: rest.slice(1) } : null
}

function readParameter(text: string): string {
  const bare = text.replace(/^"|"$/g, '')
  return bare.replace(/\^([n^'])/g, (_, found: string) => ({ n: '\n', '^': '^', "'": '"' })[found] ?? found)
}
