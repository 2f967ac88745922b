import Link from 'next/link'
import type { NextRequest } from 'next/server'
import type { ReactNode } from 'react'
import type { Role } from '@/server/share/roles'
import { mayAsk, NOT_HERE } from './asking'

function NotHere({ role }: { role: Role }) {
  return (
    <main id="work" tabIndex={-1} className="grid gap-4 p-8">
      <h1 className="station-title text-2xl">Not on this device</h1>
      <p className="max-w-[60ch]">{NOT_HERE[role]}</p>
      {role === 'shop' && (
        <p>
          <Link href="/desk" className="underline underline-offset-4">
            To the pull desk
          </Link>
        </p>
      )}
    </main>
  )
}

/** A page or a layout as it is shown to who may see it. What it shows is not even looked up for anybody else. */
export function onlyFor<Props extends object>(
  role: Role,
  page: (props: Props) => ReactNode | Promise<ReactNode>,
): (props: Props) => Promise<ReactNode> {
  return async function OnlyFor(props) {
    return (await mayAsk(role)) ? page(props) : <NotHere role={role} />
  }
}

/** A route as it answers who may ask. Parameters are those of the framework’s route handlers. */
export const routeFor =
  <Rest extends readonly unknown[]>(
    role: Role,
    handler: (request: NextRequest, ...rest: Rest) => Response | Promise<Response>,
  ) =>
  async (request: NextRequest, ...rest: Rest): Promise<Response> =>
    (await mayAsk(role))
      ? handler(request, ...rest)
      : Response.json({ message: NOT_HERE[role] }, { status: 403 })
