/** Every view of the application, on the sample. */
export const VIEWS = [
  '/', '/jobs/new', '/store', ...['plate', 'ink', 'wipe', 'paper', 'press', 'register', 'prove', 'edition', 'dry', 'record'].map((station) => `/jobs/mooring-posts/${station}`),
  ...['match', 'correct', 'stiffness', 'amount', 'card'].map((room) => `/jobs/mooring-posts/ink/${room}`), '/store/inks/new', '/store/inks/dusk-blue',
  ...['bath', 'bite'].map((room) => `/jobs/mooring-posts/plate/${room}`), '/jobs/samphire/prove', '/jobs/the-pilot-s-window/dry', '/jobs/the-pilot-s-window/record', '/nowhere',
]
