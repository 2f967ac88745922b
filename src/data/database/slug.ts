/** Makes a name fit for an address: "The pilot’s window" → `the-pilot-s-window`. */
export function slugify(name: string): string {
  const plain = name
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '')
  return plain.slice(0, 60) || 'untitled'
}

/** The first of `name`, `name-2`, `name-3` … that is free. */
export async function freeSlug(name: string, isTaken: (slug: string) => Promise<boolean>): Promise<string> {
  const base = slugify(name)
  for (let n = 1; ; n++) {
    const slug = n === 1 ? base : `${base}-${n}`
    if (!(await isTaken(slug))) return slug
  }
}
