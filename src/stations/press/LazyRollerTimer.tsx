'use client'

import dynamic from 'next/dynamic'

/** The roller timer where it stands under other acts: read once the page stands, its place kept free until then. */
export const LazyRollerTimer = dynamic(() => import('./RollerTimer').then(({ RollerTimer }) => RollerTimer), {
  ssr: false,
  loading: () => <div className="my-2 min-h-14" />,
})
