/** The grey strip to print: what makes pictures of two devices comparable. */
export function GreyStripLink() {
  return (
    <a
      href="/grey-strip.pdf"
      download="grey-strip.pdf"
      className="inline-flex min-h-11 items-center underline underline-offset-4"
    >
      Grey strip to print, PDF
    </a>
  )
}
