import type { Metadata } from 'next'
import type { NextRequest } from 'next/server'
import type { ReactNode } from 'react'
import { PAIR_PATH, type Role } from '@/server/share/roles'
import { refusalFor } from './asking'

function NotHere({ why }: { why: string }) {
  return (
    <main id="work" tabIndex={-1} className="grid gap-4 p-8">
      <h1 className="station-title text-2xl">Not on this device</h1>
      <p className="max-w-[60ch]">{why}</p>
      <p>
        {/* The door sends a paired device on from there. */}
        <a href={PAIR_PATH} className="underline underline-offset-4">
          To what it is for
        </a>
      </p>
    </main>
  )
}

/** A page or a layout as it is shown to who may see it. What it shows is not even looked up for anybody else. */
export function onlyFor<Props extends object>(
  role: Role,
  page: (props: Props) => ReactNode | Promise<ReactNode>,
): (props: Props) => Promise<ReactNode> {
  return async function OnlyFor(props) {
    const why = await refusalFor(role)
    return why === null ? page(props) : <NotHere why={why} />
  }
}

/** The title of a page as it is told to who may see the page: it can name a job or an ink, and is not looked up for anybody else. */
export const titleFor =
  <Props extends object>(role: Role, title: (props: Props) => Promise<Metadata['title']>) =>
  async (props: Props): Promise<Metadata> =>
    (await refusalFor(role)) === null ? { title: await title(props) } : { title: 'Not on this device' }

/** A route as it answers who may ask. Parameters are those of the framework’s route handlers. */
export const routeFor =
  <Rest extends readonly unknown[]>(
    role: Role,
    handler: (request: NextRequest, ...rest: Rest) => Response | Promise<Response>,
  ) =>
  async (request: NextRequest, ...rest: Rest): Promise<Response> => {
    const why = await refusalFor(role)
    return why === null ? handler(request, ...rest) : Response.json({ message: why }, { status: 403 })
  }
