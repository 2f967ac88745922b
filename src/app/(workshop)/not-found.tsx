import Link from 'next/link'

export default function NotFound() {
  return (
    <main className="p-8">
      <h1 className="station-title text-2xl">This is not here</h1>
      <p className="my-3">The address leads to no job and no page. It may have been mistyped.</p>
      <Link href="/" className="underline">
        To the morning sheet
      </Link>
    </main>
  )
}
