/** What the colours are called that every site has. */
const known: Readonly<Record<string, string>> = {
  ink: 'Ink',
  soft: 'Soft',
  paper: 'Paper',
  line: 'Line',
  accent: 'Accent',
  leaf: 'Leaf',
}

/** What a colour of the palette is called: “warm-red” is “Warm red”. */
export function paletteName(name: string): string {
  const words = name.replaceAll('-', ' ')
  return known[name] ?? words.charAt(0).toUpperCase() + words.slice(1)
}
