/** What each room is for, and what to do in it first. Pages as the routes name them; of two that fit an address the first holds. */
export const ROOM_LINES: Readonly<Record<string, string>> = {
  '/': 'what every job wants today. Enter the room’s temperature and humidity first: stiffness and drying follow from them.',
  '/week':
    'what the next seven days ask for: printing days, turns at the press, prints to change and prints due dry.',
  '/jobs': 'every job of the workshop. Open one, put it away, or begin a new one like it.',
  '/jobs/new': 'the title and your name are enough. What you leave empty is asked later, at its station.',
  '/queue': 'many people and one press: who prepares and who prints, and when.',
  '/queue/wall': 'the turns at the press, for a screen on the wall.',
  '/store': 'what lies on your shelves. Jobs choose from it, and say what they will use up.',
  '/store/blankets': 'your blankets. Measure them now and then: it shows when one no longer gives.',
  '/store/inks/new':
    'a tube of yours, by its pigment, by eye or by a reading. It says how far its colour can be trusted.',
  '/store/inks/[ink]': 'how this ink prints, thin to thick, and how sure that is.',
  '/store/papers/[paper]': 'how much is left, what jobs will use, and what could take its place.',
  '/store/presses/[press]': 'how this press is read, and which settings worked on it. Find its zero once.',
  '/drying': 'what lies to dry, where, until when, and what to change today.',
  '/devices': 'let a tablet or a phone in by a code, and take it out again.',
  '/faults/[what]': 'earlier prints that had this fault, and what was set otherwise once it was gone.',
  '/jobs/[job]/runs': 'what a sheet goes through, one printing after another. Most prints need one.',
  '/jobs/[job]/plate': 'say what the plate is and measure it: pressure, paper and ink follow from that.',
  '/jobs/[job]/plate/artwork': 'bring the drawing. It is turned as the way of making needs, and printed 1:1.',
  '/jobs/[job]/plate/making':
    'choose how the plate is made, then go step by step, each with its caution, its time and a way out.',
  '/jobs/[job]/plate/bath': 'say what bath you have: how fast it bites and when it is spent follow.',
  '/jobs/[job]/plate/bite': 'bite a test strip once. From it follows how long each tone lies in the bath.',
  '/jobs/[job]/plate/exposure': 'expose a step wedge once. Its steps give the exposure.',
  '/jobs/[job]/plate/states':
    'keep what was changed on the plate and the spots to watch. The pulls it has left follow.',
  '/jobs/[job]/plate/zones': 'draw where the plate is inked or wiped otherwise than elsewhere.',
  '/jobs/[job]/ink': 'choose inks and parts. Their colour follows, thin to thick, before you mix anything.',
  '/jobs/[job]/ink/match':
    'give the colour you want: a swatch, a reading or a print. Recipes from your own shelf follow.',
  '/jobs/[job]/ink/correct': 'mixed, and not right yet? Say how it came out, and read what to add.',
  '/jobs/[job]/ink/stiffness': 'the same pull in today’s room: lift the knife once, and read how much oil.',
  '/jobs/[job]/ink/amount': 'how much ink to mix for the prints that are still to come.',
  '/jobs/[job]/ink/card': 'print the card and keep it with the tin: by it the ink can be mixed again.',
  '/jobs/[job]/wipe': 'set the steps once. The timer takes you through them, and keeps what each took.',
  '/jobs/[job]/wipe/inks': 'several inks on one plate: in which order, and where two could meet.',
  '/jobs/[job]/wipe/tone': 'read three spots on each print: they say how much film the wiping left.',
  '/jobs/[job]/paper': 'choose the sheet. How long it soaks, how much it grows and when it is ready follow.',
  '/jobs/[job]/paper/tearing': 'how many sheets a whole one gives, and how to tear them.',
  '/jobs/[job]/paper/day': 'say how many prints and until when. The day follows, sheet by sheet.',
  '/jobs/[job]/press':
    'set the press here, then the press itself: the drawing shows what lies under the roller.',
  '/jobs/[job]/press/guide': 'from zero to the setting, turn by turn, always ending on tightening.',
  '/jobs/[job]/register': 'place the plate on the sheet, and print the registration sheet 1:1.',
  '/jobs/[job]/register/plates': 'further plates for the same sheet, and how they are laid to fit.',
  '/jobs/[job]/register/chine-colle':
    'what the pieces are cut from, at what size, with which paste, and how they are laid.',
  '/jobs/[job]/prove': 'pull, say what you see, change one thing, until a proof lacks nothing.',
  '/jobs/[job]/prove/model': 'try a change before you pull it. A model shows which way it goes.',
  '/jobs/[job]/edition': 'pull, look, and say how it is. Once there is a BAT, every print is held to it.',
  '/jobs/[job]/edition/class': 'who is up, what lies under each plate, and whose print is whose.',
  '/jobs/[job]/edition/match':
    'give a scan of the print. It is laid over the BAT’s, and what differs is shown where it is.',
  '/jobs/[job]/edition/lay-downs':
    'what to lay down next on a monotype, with a forecast of what shows through.',
  '/jobs/[job]/edition/quote': 'what the edition takes in hours, paper and ink, as a quote to hand over.',
  '/jobs/[job]/dry': 'lay the prints to dry. Dry, they are sorted, and what is written on each follows.',
  '/jobs/[job]/record': 'documents, certificates and labels, and where each print is.',
  '/jobs/[job]/record/again': 'one list from which the job can be printed again.',
}

const PATTERNS = Object.keys(ROOM_LINES).map(
  (room) => [room, new RegExp(`^${room.replaceAll(/\[\w+\]/g, '[^/]+')}$`)] as const,
)

/** The room of an address; null: nothing is said of it. @example roomAt('/jobs/low-tide/ink') // '/jobs/[job]/ink' */
export const roomAt = (address: string): string | null =>
  PATTERNS.find(([, fits]) => fits.test(address))?.[0] ?? null
