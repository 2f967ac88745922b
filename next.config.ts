import type { NextConfig } from 'next'

/** Largest upload a picture may be, in the form the framework reads; the exact limit is checked where the picture is kept. */
const BODY_LIMIT = '45mb'

const config: NextConfig = {
  serverExternalPackages: ['sequelize', 'sqlite3', 'umzug', 'sharp', '@react-pdf/renderer'],
  experimental: { serverActions: { bodySizeLimit: BODY_LIMIT } },
  poweredByHeader: false,
  devIndicators: false,
}

export default config
