const plural = new Intl.PluralRules('en')

/** What a later release wrote of a pull, which this one cannot show: that it is there is said, and it is kept. */
export function LaterEntries({ kinds }: { kinds: readonly string[] }) {
  if (kinds.length === 0) return null
  const entries = plural.select(kinds.length) === 'one' ? 'entry' : 'entries'
  return (
    <span className="block text-xs text-muted">
      {kinds.length} {entries} from a later release: {kinds.join(', ')}
    </span>
  )
}
