/** Steps of holding two pictures against one another, in order: what is going on, for whoever waits. A file of its own, so that a page that waits need not carry the work. */
export const MATCH_STEPS = [
  'Finding both sheets',
  'Evening the light',
  'Finding the plate',
  'Laying one over the other',
  'Looking for what differs',
] as const
