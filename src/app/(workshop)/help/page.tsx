import packageFile from '../../../../package.json'
import { backupStanding } from '@/data/backup/backups'
import { dataFolder } from '@/data/database/dataFolder'
import { HelpSheet } from '@/stations/shop/help/HelpSheet'
import { backupWords } from '@/stations/shop/morning/backupWords'
import { viewerZone } from '../viewerZone'
import { onlyFor } from '@/stations/across/device/onlyFor'

export const metadata = { title: 'Help' }
export const dynamic = 'force-dynamic'

async function HelpPage() {
  const { words } = backupWords(backupStanding(), new Date().toISOString(), await viewerZone())
  return (
    <main id="work" tabIndex={-1} className="p-3 outline-none sm:p-5">
      <HelpSheet version={packageFile.version} folder={dataFolder()} backup={words} />
    </main>
  )
}

export default onlyFor('shop', HelpPage)
