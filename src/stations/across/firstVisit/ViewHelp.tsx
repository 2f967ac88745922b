'use client'

import dynamic from 'next/dynamic'
import { ShortcutList } from '@/ui/ShortcutList'

const RoomHelp = dynamic(() => import('./RoomHelp').then((module) => module.RoomHelp), { ssr: false })
const FirstVisit = dynamic(() => import('./FirstVisit').then((module) => module.FirstVisit), { ssr: false })

/** What a view is for and its keys: unasked the first time, and behind a button of the bar. */
export const ViewHelp = () => (
  <>
    <ShortcutList lead={<RoomHelp />} />
    <FirstVisit />
  </>
)
