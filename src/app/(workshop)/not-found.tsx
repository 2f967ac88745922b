import Link from 'next/link'

export default function NotFound() {
  return (
    <main id="work" tabIndex={-1} className="p-8">
      <h1 className="station-title text-2xl">Page not found</h1>
      <p className="my-3">There is no such page or job. Check the address.</p>
      <Link href="/" className="underline">
        To today’s work
      </Link>
    </main>
  )
}
