import type { NextConfig } from 'next'

/** Largest body an act may have, in the form the framework reads: a zipped job folder. Exact limits are checked where things are kept. */
const BODY_LIMIT = '210mb'

const config: NextConfig = {
  serverExternalPackages: ['esbuild', 'sequelize', 'sqlite3', 'sharp', '@react-pdf/renderer'],
  experimental: { serverActions: { bodySizeLimit: BODY_LIMIT } },
  // `npm test` type-checks the whole project by itself; doing it again in every build only costs the person at `npm run demo` time.
  typescript: { ignoreBuildErrors: true },
  poweredByHeader: false,
  devIndicators: false,
}

export default config
