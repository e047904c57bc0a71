/** What a named value of the site is called: “warm-red” is “Warm red”. */
export function valueName(name: string): string {
  const words = name.replaceAll('-', ' ')
  return words.charAt(0).toUpperCase() + words.slice(1)
}
