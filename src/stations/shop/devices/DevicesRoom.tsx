'use client'

import { useEffect, useState, type ReactNode } from 'react'
import { plural } from '@/core/units/counted'
import { saidDayOf, soonOf } from '@/core/units/moment'
import type { Answer } from '../../across/act/answer'
import { sendAct } from '../../across/act/sendAct'
import { useAct } from '../../across/bench/useAct'
import { Problems } from '../../across/pull/Problems'
import { DEVICE_ROLES, type DeviceRole } from '@/server/share/roles'
import { Button } from '@/ui/Button'
import { MainAct } from '@/ui/MainAct'
import { OnDevice } from '@/ui/OnDevice'
import { Panel } from '@/ui/Panel'
import { QrCode } from '@/ui/QrCode'
import { useNow } from '@/ui/useNow'
import { useZone } from '@/ui/ViewerZone'
import {
  admitDeviceAction,
  closeCodeAction,
  declineDeviceAction,
  openCodeAction,
  readSharedAction,
  revokeDeviceAction,
} from './actions'
import { devicesAnswer } from './answers'
import type { SharedShape } from './sharedShape'

/** How often it is asked whether a device waits, ms. */
const ASK_MS = 1500

/** Who reaches the workshop beside this machine: a code for a new device, who waits to be let in, who is in. */
export function DevicesRoom({ first }: { first: SharedShape | null }) {
  const [shared, setShared] = useState(first)
  const { busy, problems, act } = useAct()
  const isShared = shared !== null
  useEffect(() => {
    if (!isShared) return
    const look = async () => {
      const answer = await sendAct(readSharedAction, {})
      if (answer.ok) setShared(answer.shared)
    }
    const again = setInterval(() => void look(), ASK_MS)
    return () => clearInterval(again)
  }, [isShared])
  const run = async (write: () => Promise<Answer>) => {
    await act(write)
    const answer = await sendAct(readSharedAction, {})
    if (answer.ok) setShared(answer.shared)
  }
  return (
    <Panel title="Devices" answer={devicesAnswer(shared)}>
      {shared && (
        <>
          <Problems problems={problems} />
          <div className="grid gap-x-10 gap-y-6 lg:grid-cols-2">
            <div className="grid content-start gap-6">
              <Waiting
                waiting={shared.waiting}
                isBusy={busy}
                onAdmit={(id, role) => run(() => sendAct(admitDeviceAction, { id, role }))}
                onDecline={(id) => run(() => sendAct(declineDeviceAction, { id }))}
              />
              <OpenCode
                code={shared.code}
                isMain={shared.waiting.length === 0}
                isBusy={busy}
                onOpen={() => run(() => sendAct(openCodeAction, {}))}
                onClose={() => run(() => sendAct(closeCodeAction, {}))}
              />
              <Paired
                devices={shared.devices}
                isBusy={busy}
                onRevoke={(id) => run(() => sendAct(revokeDeviceAction, { id }))}
              />
            </div>
            <WhereToBegin shared={shared} />
          </div>
        </>
      )}
    </Panel>
  )
}

function Block({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section aria-label={title} className="grid content-start gap-3 border-t border-line pt-3">
      <h2 className="station-title">{title}</h2>
      {children}
    </section>
  )
}

function Waiting({
  waiting,
  isBusy,
  onAdmit,
  onDecline,
}: {
  waiting: SharedShape['waiting']
  isBusy: boolean
  onAdmit: (id: string, role: DeviceRole) => Promise<void>
  onDecline: (id: string) => Promise<void>
}) {
  if (waiting.length === 0) return null
  return (
    <Block title="Asks to be let in">
      <ul className="grid gap-4">
        {waiting.map(({ id, name }) => (
          <li key={id} className="grid gap-2">
            <b className="text-lg">{name}</b>
            <span className="flex flex-wrap gap-2">
              {(Object.keys(DEVICE_ROLES) as DeviceRole[]).map((role) => (
                <Button key={role} disabled={isBusy} onClick={() => void onAdmit(id, role)}>
                  Let in: {DEVICE_ROLES[role].toLowerCase()}
                </Button>
              ))}
              <Button look="quiet" disabled={isBusy} onClick={() => void onDecline(id)}>
                Turn away
              </Button>
            </span>
          </li>
        ))}
      </ul>
    </Block>
  )
}

const clock = (ms: number) => {
  const seconds = Math.max(0, Math.floor(ms / 1000))
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`
}

function OpenCode({
  code,
  isMain,
  isBusy,
  onOpen,
  onClose,
}: {
  code: SharedShape['code']
  isMain: boolean
  isBusy: boolean
  onOpen: () => Promise<void>
  onClose: () => Promise<void>
}) {
  const [now] = useNow(code ? 1000 : null)
  if (!code) {
    const make = (
      <Button look={isMain ? 'main' : 'plain'} disabled={isBusy} onClick={() => void onOpen()}>
        Make a code for a device
      </Button>
    )
    return isMain ? <MainAct>{make}</MainAct> : <span>{make}</span>
  }
  return (
    <Block title="The code">
      <p className="text-6xl font-semibold tracking-wider" aria-label={`Code ${code.code}`}>
        {code.code.slice(0, 3)} {code.code.slice(3)}
      </p>
      <OnDevice>
        <p>
          For one device, {clock(code.until - now)} more; {code.triesLeft} wrong{' '}
          {plural(code.triesLeft, 'try is', 'tries are')} left.
        </p>
      </OnDevice>
      <span>
        <Button look="quiet" disabled={isBusy} onClick={() => void onClose()}>
          Take the code back
        </Button>
      </span>
    </Block>
  )
}

function Paired({
  devices,
  isBusy,
  onRevoke,
}: {
  devices: SharedShape['devices']
  isBusy: boolean
  onRevoke: (id: string) => Promise<void>
}) {
  const zone = useZone()
  const moment = (at: number) => new Date(at).toISOString()
  if (devices.length === 0) return null
  return (
    <Block title="Paired devices">
      <ul className="grid">
        {devices.map(({ id, name, role, until, seenAt, waits }) => (
          <li key={id} className="flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-line py-2">
            <span className="min-w-0 flex-1 basis-60">
              <b>{name}</b>, {DEVICE_ROLES[role].toLowerCase()}
              <span className="block text-sm text-muted">
                {seenAt === null ? 'not seen since the start' : `seen ${soonOf(moment(seenAt), zone)}`};
                paired until {saidDayOf(moment(until), zone)}
              </span>
              {waits && waits.toSend + waits.refused > 0 && (
                <span className="block font-medium">
                  ◆ On it {waits.toSend} {plural(waits.toSend, 'entry', 'entries')} to send, {waits.refused}{' '}
                  refused: see its desk
                </span>
              )}
            </span>
            <Button disabled={isBusy} aria-label={`Take out ${name}`} onClick={() => void onRevoke(id)}>
              Take out
            </Button>
          </li>
        ))}
      </ul>
      <p className="text-sm text-muted">
        A device that is lost is taken out here, and gets nothing from then on. What it had not sent yet stays
        on it, and is saved there as a file.
      </p>
    </Block>
  )
}

function WhereToBegin({ shared: { urls, trustUrl, qr, fingerprint } }: { shared: SharedShape }) {
  return (
    <Block title="A device that was never here">
      <div className="flex flex-wrap gap-x-6 gap-y-3">
        <QrCode qr={qr} says={`${trustUrl} as a QR code`} className="size-44" />
        <div className="min-w-0 flex-1 basis-60">
          <p>
            Join it to this network, open its camera on the code, or type{' '}
            <b className="break-all">{trustUrl}</b>. There it learns to trust this workshop.
          </p>
          <p className="mt-3">It must show this fingerprint:</p>
          <p className="font-mono text-sm break-words">{fingerprint}</p>
        </div>
      </div>
      <p>
        After that the workshop is at{' '}
        {urls.map((url, i) => (
          <span key={url}>
            {i > 0 && ' or '}
            <b className="break-all">{url}</b>
          </span>
        ))}
        . The QR code holds the address and nothing secret.
      </p>
      <p className="text-sm text-muted">
        Whoever shares this network sees that a workshop is here, and no more. Sharing ends with Ctrl + C, and
        is never on by itself.
      </p>
    </Block>
  )
}
