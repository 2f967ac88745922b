/** Told to every window of this device when what waits at its desks changes. */
export const WAITING_CHANNEL = 'typothesis-desk-waiting'
