import type { NextConfig } from 'next'

/** Largest upload a picture may be, in the form the framework reads; the exact limit is checked where the picture is kept. */
const BODY_LIMIT = '45mb'

const config: NextConfig = {
  serverExternalPackages: ['sequelize', 'sqlite3', 'umzug', 'sharp', '@react-pdf/renderer'],
  experimental: { serverActions: { bodySizeLimit: BODY_LIMIT } },
  // `npm test` type-checks the whole project by itself; doing it again in every build only costs the person at `npm run demo` time.
  typescript: { ignoreBuildErrors: true },
  poweredByHeader: false,
  devIndicators: false,
}

export default config
