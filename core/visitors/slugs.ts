import { slugOf } from '../content/slug'

/** What things of these names are called in addresses, each once; `usual` stands for one that no slug comes of. */
export function slugsOfNames(names: readonly string[], usual: string): readonly string[] {
  const taken: string[] = []
  for (const name of names) {
    const slug = slugOf(name) || usual
    let [free, count] = [slug, 1]
    while (taken.includes(free)) free = `${slug}-${(count += 1)}`
    taken.push(free)
  }
  return taken
}
