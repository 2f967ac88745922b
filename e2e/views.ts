/** Every view of the application, on the sample. */
export const VIEWS = [
  '/', '/jobs/new', '/store', ...['plate', 'ink', 'wipe', 'paper', 'press', 'register', 'prove', 'edition', 'dry', 'record'].map((station) => `/jobs/mooring-posts/${station}`),
  '/jobs/mooring-posts/press/guide', '/desk/mooring-posts', '/jobs/mooring-posts/runs', '/jobs/two-tides/runs', '/jobs/mooring-posts/edition/quote', '/jobs/mooring-posts/edition/match', '/jobs/mooring-posts/register/plates', '/store/presses/little-press', '/store/blankets', '/queue', '/queue/wall', '/jobs/mooring-posts/paper/tearing', '/jobs/mooring-posts/paper/day',
  ...['match', 'correct', 'stiffness', 'amount', 'card'].map((room) => `/jobs/mooring-posts/ink/${room}`), '/store/inks/new', '/store/inks/dusk-blue', '/store/papers/heron-white', '/drying',
  ...['bath', 'bite'].map((room) => `/jobs/mooring-posts/plate/${room}`), ...['plate/artwork', 'plate/making', 'plate/states', 'plate/zones', 'wipe/inks', 'wipe/tone', 'register/chine-colle'].map((room) => `/jobs/samphire/${room}`), '/jobs/samphire/prove', '/jobs/samphire/prove/model', '/jobs/the-pilot-s-window/dry', '/jobs/the-pilot-s-window/record', '/nowhere',
]
