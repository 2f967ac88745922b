import { escaped, page } from './pages'

/** What the page may do: run its own few lines, and send the picture back to where it came from. */
export const takePolicy = (nonce: string): string =>
  `default-src 'none'; style-src 'nonce-${nonce}'; script-src 'nonce-${nonce}'; connect-src 'self'; base-uri 'none'; frame-ancestors 'none'`

/** Sends the picture as soon as it is taken. Written for whatever phone there is. */
const SCRIPT = `
const field = document.querySelector('input'), said = document.querySelector('[role=status]'), act = document.querySelector('label')
field.onchange = async () => {
  const file = field.files[0]
  if (!file) return
  act.hidden = true
  said.textContent = 'Sending the picture…'
  try {
    const reply = await fetch(location.pathname, { method: 'POST', body: file, headers: { 'x-file-name': encodeURIComponent(file.name) } })
    const text = await reply.text()
    if (reply.ok) { said.textContent = 'The picture is there. This page is of no more use.'; return }
    let message = text
    try { message = JSON.parse(text).message || text } catch {}
    said.textContent = message
  } catch { said.textContent = 'The picture was not sent: the workshop does not answer. Try again.' }
  act.hidden = false
  field.value = ''
}
`

/** The page a phone is shown by a token. @param what it is to show; null: the token is worth nothing any more */
export const takePage = (nonce: string, what: string | null): string =>
  what === null
    ? page(
        'Not wanted any more',
        nonce,
        '<h1>Not wanted any more</h1><p>A code for a picture lives ten minutes and is good for one. Ask for it anew on the screen that wants it.</p>',
      )
    : page(
        'Take a picture',
        nonce,
        `<h1>${escaped(what)}</h1>
<label class="act">Open the camera<input type="file" accept="image/jpeg,image/png" capture="environment" class="unseen"></label>
<p role="status">One picture, straight from above, nothing cut off. It goes to the workshop’s machine and to nobody else; where and with what it was taken is left out of it.</p>
<script nonce="${nonce}">${SCRIPT}</script>`,
      )
