/** A job this release cannot read, with the reason. */
export interface UnreadableJob {
  slug: string
  reason: string
}

/** Says that a job cannot be read and why, and lets it be taken out as it lies in the database. */
export function UnreadableNote({ job: { slug, reason } }: { job: UnreadableJob }) {
  return (
    <p className="pb-2 text-sm">
      <span aria-hidden>◆ </span>This job cannot be read: {reason}. Nothing of it was changed.{' '}
      <a href={`/raw/${slug}`} download={`${slug}-raw.json`} className="underline">
        Save a raw copy (JSON)
      </a>
    </p>
  )
}
