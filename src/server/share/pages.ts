import type { Refused } from './pairing'

/** A text as it stands in a page. */
export const escaped = (text: string): string =>
  text.replace(/[&<>"']/g, (sign) => `&#${sign.charCodeAt(0)};`)

/** These pages are shown before anything of the application may be: they load nothing. */
const STYLE = `
:root{color-scheme:light dark;--ground:#dadada;--field:#e6e6e6;--raised:#f2f2f2;--text:#141414;--muted:#474747;--edge:#6d6d6d}
@media (prefers-color-scheme:dark){:root{--ground:#1b1b1b;--field:#232323;--raised:#2f2f2f;--text:#ededed;--muted:#b4b4b4;--edge:#8a8a8a}}
*{box-sizing:border-box}
body{margin:0;background:var(--ground);color:var(--text);font:1rem/1.45 system-ui,sans-serif}
main{max-width:36rem;margin:0 auto;padding:1.5rem 1rem 3rem}
h1{font-size:1.75rem;line-height:1.2;margin:0 0 .75rem}
h2{font-size:1.1rem;margin:1.75rem 0 .25rem}
p,li{max-width:60ch}
label{display:block;margin-top:1rem}
input{display:block;width:100%;max-width:20rem;min-height:3rem;margin-top:.25rem;padding:.5rem .75rem;font:inherit;font-size:1.25rem;color:inherit;background:var(--raised);border:1px solid var(--edge)}
button,.act{display:inline-block;min-height:3rem;margin-top:1.25rem;padding:.7rem 1.25rem;font:inherit;color:var(--ground);background:var(--text);border:0;text-decoration:none}
p>.act{margin-top:.25rem}
.quiet{color:var(--muted)}
.problem{font-weight:600}
code{display:block;padding:.75rem;background:var(--field);font:1rem/1.6 ui-monospace,monospace;overflow-wrap:anywhere}
:focus-visible{outline:3px solid var(--text);outline-offset:2px}
a{color:inherit}
.act{position:relative}
.act:focus-within{outline:3px solid var(--text);outline-offset:2px}
.unseen{position:absolute;inset:0;opacity:0;max-width:none;min-height:0}
[hidden]{display:none}
`

/** A page in the look of the application, by itself. @param body its HTML @param head more of its head */
export const page = (title: string, nonce: string, body: string, head = ''): string =>
  `<!doctype html><html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><title>${escaped(title)}</title>${head}<style nonce="${nonce}">${STYLE}</style></head><body><main>${body}</main></body></html>`

/** What these pages may load and do: their own style, and be sent back to where they came from. */
export const pagePolicy = (nonce: string): string =>
  `default-src 'none'; style-src 'nonce-${nonce}'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'`

/** Why a device was not let ask, and what to do. */
export const REFUSED_WORDS: Record<Refused, string> = {
  'no-code': 'No code is open at the machine, or it is over. Make a new one there, under Devices.',
  wrong: 'That is not the code. Look again at the machine.',
  dead: 'That was the fifth wrong try: this code is no more. Make a new one at the machine.',
  nameless: 'Name this device, so that it is known at the machine.',
  crowd: 'Too many devices wait already. Let them in at the machine, or turn them away, and make a new code.',
}

/** The page a device that is not paired sees, and the only one. @param name typed before */
export const pairPage = (nonce: string, problem: string | null, name = ''): string =>
  page(
    'Pair this device',
    nonce,
    `<h1>Pair this device</h1>
<p>On the machine the workshop is kept on, open <b>Devices</b> and make a code. It lives five minutes.</p>
${problem ? `<p class="problem" role="alert" id="problem">${escaped(problem)}</p>` : ''}
<form method="post" action="/pair">
<label>Code<input name="code" inputmode="numeric" autocomplete="off" required maxlength="12"${problem ? ' aria-describedby="problem"' : ''}></label>
<label>Name of this device<input name="name" autocomplete="off" required maxlength="40" placeholder="Tablet at the press" value="${escaped(name)}"></label>
<button>Ask to be let in</button>
</form>`,
  )

/** The page of a device that waits to be let in; it asks again by itself. */
export const waitingPage = (nonce: string, name: string): string =>
  page(
    'Waiting to be let in',
    nonce,
    `<h1>“${escaped(name)}” waits to be let in</h1>
<p>At the machine, under Devices, this name is shown now. Let it in there if it is this device.</p>
<p class="quiet">This page asks again every two seconds, for five minutes.</p>`,
    '<meta http-equiv="refresh" content="2">',
  )

/** The one page that is sent without https: what to trust, and what to compare first. @param onward the shared workshop’s own address */
export const trustPage = (nonce: string, fingerprint: string, onward: string): string =>
  page(
    'Trust this workshop',
    nonce,
    `<h1>Trust this workshop on this device</h1>
<p>Once on each device. Without it the device warns at every visit, and the pull desk cannot be opened again while the machine is away.</p>
<h2>1. Take the workshop’s certificate</h2>
<p><a class="act" href="/typothesis.crt">Take the certificate</a></p>
<h2>2. Compare</h2>
<p>Where the device shows the certificate’s SHA-256 fingerprint, it must be the one on the machine’s own screen, under Devices. If it is another, stop: it is not this workshop’s.</p>
<code>${escaped(fingerprint)}</code>
<h2>3. Trust it</h2>
<ul>
<li><b>Android:</b> Settings, Security, Encryption and credentials, Install a certificate, CA certificate.</li>
<li><b>iPad and iPhone:</b> Settings, Profile downloaded, Install; then General, About, Certificate trust settings, and switch it on.</li>
<li><b>Windows:</b> open the file, Install certificate, Trusted root certification authorities.</li>
<li><b>macOS:</b> open the file in Keychain Access, then set it to Always trust.</li>
<li><b>Linux, or a browser with a list of its own:</b> in the browser’s settings, Certificates, Authorities, Import.</li>
</ul>
<p>It can vouch for this machine’s name and for addresses inside private networks, and for nothing else. Take it off again when the device leaves the workshop.</p>
<h2>4. Go on</h2>
<p><a class="act" href="${escaped(onward)}">Go to the workshop</a></p>`,
  )
