/** Where the desk of a job is: one page for all of them, so that a device that keeps it has it for every job. */
export const deskOf = (slug: string): string => `/desk#${slug}`

/** The job an address names; null: none. @param hash with its # */
export const jobIn = (hash: string): string | null => /^#([a-z0-9-]+)$/.exec(hash)?.[1] ?? null
