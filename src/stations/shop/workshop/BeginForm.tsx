'use client'

import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import { COVERINGS, type Covering } from '@/core/ink/estimateInk'
import { convertLabToXyz } from '@/core/colour/convertXyzToLab'
import { convertXyzToSrgb } from '@/core/colour/convertXyzToSrgb'
import { PLATE_KINDS, standsWords, type PlateKind } from '@/core/plate/plate'
import { PRESS_KINDS } from '@/core/press/pressKindNames'
import { firstReading } from '@/core/press/usualScales'
import { NAMED, readingWords, type PressureScale, type WayOfReading } from '@/core/press/pressureScale'
import { WAYS_OF_READING } from '@/core/press/waysOfReading'
import { firstPrint } from '@/core/prove/firstPrint'
import { PURPOSES, purposeFacts, type Purpose } from '@/core/prove/purpose'
import { PURPOSE_NOTES } from '@/core/prove/purposeNotes'
import { stationsWanting } from '@/core/prove/stationsWanting'
import { formatMm, formatNumber } from '@/core/units/length'
import { formatFine } from '@/core/units/quantity'
import { showUnits, shownUnits } from '@/core/units/shownUnits'
import { showTongue } from '@/core/units/tradeWords'
import type { FieldProblem } from '@/data/database/errors'
import { Button } from '@/ui/Button'
import { Choice } from '@/ui/Choice'
import { SelectField, TextField } from '@/ui/Field'
import { NumberField } from '@/ui/NumberField'
import { Panel } from '@/ui/Panel'
import { usePatched } from '@/ui/usePatched'
import { EyeColour } from '../../ink/EyeColour'
import { sendAct } from '../../across/act/sendAct'
import { problemAt } from '../../across/bench/problemAt'
import { PEOPLE_LIST } from '../../across/person/People'
import { useNamedPerson } from '../../across/person/usePerson'
import { Problems } from '../../across/pull/Problems'
import { beginJobAction } from './actions'
import { beginAnswer } from './answers'
import { BeginPreview } from './BeginPreview'
import {
  NEW_PRESS,
  OPEN_BEGIN,
  paperLabel,
  readBegin,
  unitsOf,
  wishOf,
  type BeginShelf,
  type BeginState,
  type BegunPrint,
} from './beginState'

/** Where a refusal of the act is shown, by the place it names. */
const AT: Record<string, string> = {
  'job.title': 'title',
  'job.artist': 'artist',
  'job.editionSize': 'editionSize',
  'plate.size': 'size',
  ink: 'ink',
  paper: 'paper',
  'press.reading': 'reading',
}
const FIELDS = ['title', 'artist', 'editionSize', 'size', 'ink', 'paper', 'reading']

/** A colour as a screen writes it. */
const hexOf = (lab: BeginState['lab']): string => convertXyzToSrgb(convertLabToXyz(lab))

/**
 * A new print, said at once as far as one can: what it is, what it is printed with and on. What is left empty is set later at its station;
 * what goes without saying is laid out, and says of itself that nobody set it.
 *
 * @param children what stands beneath
 */
export function BeginForm({
  shelf,
  open = {},
  title = 'New job',
  children,
}: {
  shelf: BeginShelf
  /** what the fields begin with */
  open?: Partial<BeginState>
  title?: string
  children?: React.ReactNode
}) {
  const router = useRouter()
  const [state, change] = usePatched(() => ({ ...OPEN_BEGIN, ...open }))
  const [refused, setRefused] = useState<FieldProblem[]>([])
  const [busy, setBusy] = useState(false)
  const [isTried, setTried] = useState(false)
  const begun = readBegin(state, shelf)
  const person = useNamedPerson()
  const [name, setName] = useState('')
  const isNameAsked = person.person === ''
  // Whose print it is goes without saying where it is one's own.
  const self = isNameAsked ? name.trim() : person.person
  const setsInches = !shelf.isUnitOrderSaid && unitsOf(state) === 'inches'
  // A text that is still being written is not called wrong before it is left or sent.
  const problems = [...refused, ...(isTried ? begun.problems : [])]
  const at = (field: string) => problemAt(problems, field)
  const set = (patch: Partial<BeginState>) => {
    setRefused([])
    change(patch)
  }
  const begin = async () => {
    setTried(true)
    if (begun.problems.length > 0) return
    setBusy(true)
    const answer = await sendAct(
      beginJobAction,
      wishOf({ ...state, artist: state.artist.trim() || self }, shelf),
    )
    setBusy(false)
    if (!answer.ok)
      return setRefused(answer.problems.map(({ field, message }) => ({ field: AT[field] ?? field, message })))
    if (isNameAsked && self !== '') person.name(self)
    const [first] = stationsWanting(begun.bench, state.purpose)
    const page = `/jobs/${answer.slug}/${first ?? pulledFirstAt(state.purpose)}`
    // Every sentence has a quantity in it: where the units changed, all of it is written anew.
    if (setsInches) showUnits('inches')
    if (setsInches && !shelf.isTongueSaid) showTongue('american')
    router.push(page)
    if (setsInches) router.refresh()
  }
  const { asksSize } = purposeFacts(state.purpose)
  return (
    <Panel
      saysItself
      title={title}
      answer={beginAnswer(begun.bench, state.purpose, begun.problems)}
      act={
        <Button look="main" type="submit" form="begin" disabled={busy}>
          Start the job
        </Button>
      }
    >
      <div className="grid gap-x-8 gap-y-4 lg:grid-cols-[minmax(0,1fr)_minmax(16rem,22rem)]">
        <form
          id="begin"
          className="grid content-start gap-x-4 gap-y-3 sm:grid-cols-2"
          noValidate
          onBlur={() => setTried(true)}
          onSubmit={(event) => {
            event.preventDefault()
            void begin()
          }}
        >
          <BeginAs shelf={shelf} />
          <TextField
            label="Title of the print"
            value={state.title}
            onText={(text) => set({ title: text })}
            problem={at('title')}
            className={isNameAsked ? 'sm:col-span-2' : ''}
          />
          {isNameAsked && (
            <TextField
              label="Your name"
              value={name}
              list={PEOPLE_LIST}
              onText={(text) => {
                setRefused([])
                setName(text)
              }}
              problem={at('artist') && 'Enter your name, or whose print it is.'}
              hint="It stands by what you do."
            />
          )}
          <TextField
            label="Artist, if it is not you"
            value={state.artist}
            list={PEOPLE_LIST}
            placeholder={self}
            onText={(artist) => set({ artist })}
            problem={isNameAsked ? undefined : at('artist')}
          />
          <SelectField
            label="What is it for?"
            value={state.purpose}
            options={Object.entries(PURPOSES).map(([key, { label }]) => [key, label])}
            hint={PURPOSE_NOTES[state.purpose]}
            onPick={(purpose) => set({ purpose: purpose as Purpose })}
          />
          {asksSize === null ? (
            <span className="hidden sm:block" />
          ) : (
            <NumberField
              label={asksSize}
              digits={0}
              value={state.editionSize}
              onValue={(editionSize) => set({ editionSize })}
              problem={at('editionSize')}
            />
          )}
          <SelectField
            label="What is the plate?"
            value={state.kind}
            options={[
              ['', 'choose later'],
              ...Object.entries(PLATE_KINDS).map(([kind, { label }]) => [kind, label] as const),
            ]}
            hint={plateHint(state.kind)}
            onPick={(kind) => set({ kind: kind as PlateKind | '' })}
          />
          <TextField
            label="Size of the plate"
            value={state.size}
            placeholder={example().plate}
            onText={(size) => set({ size })}
            problem={at('size')}
            hint={setsInches ? setsInchesWords(shelf.isTongueSaid) : undefined}
          />
          <PressFields
            state={state}
            begun={begun}
            presses={shelf.presses}
            problem={at('reading')}
            onChange={set}
          />
          <TextField
            label="Ink"
            value={state.ink}
            list="begin-inks"
            placeholder="its name"
            onText={(ink) => set({ ink })}
            problem={at('ink')}
            hint={begun.isNewInk ? 'New here: it goes on the shelf, marked estimated.' : undefined}
          />
          <datalist id="begin-inks">
            {shelf.inks.map(({ id, name }) => (
              <option key={id} value={name} />
            ))}
          </datalist>
          {begun.isNewInk ? (
            <div className="flex flex-wrap gap-3">
              <EyeColour
                label="Its colour, printed solid"
                hint="By eye; readings can come later."
                stands={hexOf(state.lab)}
                onPick={(lab) => set({ lab })}
              />
              <SelectField
                label="It covers"
                value={state.covering}
                options={Object.entries(COVERINGS).map(([key, { label }]) => [key, label])}
                onPick={(covering) => set({ covering: covering as Covering })}
              />
            </div>
          ) : (
            <span className="hidden sm:block" />
          )}
          <TextField
            label="Paper"
            value={state.paper}
            list="begin-papers"
            placeholder={`name, weight, size: ${example().paper}`}
            onText={(paper) => set({ paper, fold: null })}
            problem={at('paper')}
            hint={newPaperWords(begun)}
          />
          <datalist id="begin-papers">
            {shelf.papers.map((paper) => (
              <option key={paper.id} value={paperLabel(paper)} />
            ))}
          </datalist>
          {begun.folds.length > 1 && begun.fold ? (
            <SelectField
              label="Printed on"
              value={String(begun.fold.times)}
              options={begun.folds.map((fold) => [
                String(fold.times),
                `${fold.words}, ${formatMm(fold.widthMm)} × ${formatMm(fold.heightMm)}`,
              ])}
              onPick={(times) => set({ fold: Number(times) })}
            />
          ) : (
            <span className="hidden sm:block" />
          )}
          <div className="sm:col-span-2">
            <Problems problems={problems} except={FIELDS} />
          </div>
        </form>
        <BeginPreview bench={begun.bench} steps={firstPrint(begun.bench)} />
      </div>
      {children}
    </Panel>
  )
}

/** What is said where sizes are typed in inches and nobody said what is read first. @param isTongueSaid whose words are read stays as it is */
const setsInchesWords = (isTongueSaid: boolean): string =>
  `Inches ${isTongueSaid ? 'are' : 'and American trade words are'} read first from here on; the stockroom changes it.`

/** Sizes as somebody here would write them. */
const example = () =>
  shownUnits() === 'inches'
    ? { plate: '5 × 7 in', paper: 'Heron 300 g 22 × 30 in' }
    : { plate: '120 × 90 mm', paper: 'Heron 300 g 56 × 76 cm' }

/** The job it is begun as, or else the templates it can be. */
function BeginAs({ shelf: { earlier, templates } }: { shelf: BeginShelf }) {
  if (earlier)
    return (
      <p className="sm:col-span-2">
        As <b>{earlier.title}</b> wherever you say nothing here.
      </p>
    )
  if (templates.length === 0) return null
  return (
    <p className="sm:col-span-2">
      Begin it as{' '}
      {templates.map(({ slug, title }) => (
        <Link
          key={slug}
          href={`/jobs/new?as=${slug}`}
          className="mr-4 inline-flex min-h-11 items-center font-semibold underline underline-offset-4"
        >
          {title}
        </Link>
      ))}
    </p>
  )
}

/** Where the first of all pulls is made: at Prove, where proofs are asked or are the prints themselves. */
function pulledFirstAt(purpose: Purpose): 'prove' | 'edition' {
  const { asksBat, pulledAt } = purposeFacts(purpose)
  return asksBat ? 'prove' : pulledAt
}

/** How long a plate lasts and how thick it is taken to be. */
const plateHint = (kind: BeginState['kind']): string | undefined =>
  kind === ''
    ? undefined
    : `Usually ${formatFine(PLATE_KINDS[kind].usualMm, 2)} thick; stands ${standsWords(kind)} pulls.`

/** How a paper that is new here was understood. */
const newPaperWords = ({ newPaper }: BegunPrint): string | undefined =>
  newPaper
    ? `New here: ${newPaper.name}, ${formatNumber(newPaper.gsm, 0)} g/m², ${formatMm(newPaper.widthMm)} × ${formatMm(newPaper.heightMm)}. It goes into the stockroom, not counted yet.`
    : undefined

const IN_NAMES = (scale: PressureScale): [string, string][] =>
  scale.names.map((name, at) => [String(at), name])

/** What it is printed with, how that is read, and what it stands at. */
function PressFields({
  state,
  begun,
  presses,
  problem,
  onChange,
}: {
  state: BeginState
  begun: BegunPrint
  presses: BeginShelf['presses']
  problem?: string
  onChange: (patch: Partial<BeginState>) => void
}) {
  const { scale, ways, way } = begun
  const isNamed = scale !== null && NAMED.has(scale.id)
  const kinds = Object.entries(PRESS_KINDS).map(
    ([kind, label]) => [NEW_PRESS + kind, presses.length > 0 ? `another: ${label}` : label] as const,
  )
  return (
    <>
      <SelectField
        label="What do you print with?"
        value={state.press}
        options={[['', 'choose later'], ...presses.map(({ id, name }) => [id, name] as const), ...kinds]}
        onPick={(press) => onChange({ press, way: null, reading: null })}
      />
      <div className="grid gap-3 sm:grid-cols-2">
        {ways && way && (
          <SelectField
            label="Its pressure is read by"
            value={way}
            options={ways.map((one) => [one, WAYS_OF_READING[one].toLowerCase()])}
            onPick={(next) => onChange({ way: next as WayOfReading, reading: null })}
          />
        )}
        {scale && !isNamed && (
          <NumberField
            label="It stands at"
            value={state.reading}
            onValue={(reading) => onChange({ reading })}
            problem={problem}
            hint={`Empty: ${readingWords(scale, firstReading(scale))}`}
          />
        )}
        {scale && isNamed && scale.names.length > 1 && (
          <div>
            <p className="mb-0.5 text-sm text-muted">Pressed</p>
            <Choice
              label="Pressed"
              value={state.reading === null ? null : String(state.reading)}
              options={IN_NAMES(scale)}
              onPick={(at) => onChange({ reading: Number(at) })}
            />
          </div>
        )}
      </div>
    </>
  )
}
