import { STRIPS, type Strip } from '@/core/press/settingRoute'
import { capital } from '@/core/units/capital'
import { Choice } from '@/ui/Choice'
import { PLACES, stripsWords, type PulledStrips } from './cardWords'

/** Three strips of paper between roller and bed, pulled one by one, and what they say. @param last what to say before, if there is a last time */
export function ThreeStrips({
  strips,
  last,
  onStrips,
}: {
  strips: PulledStrips
  last: Parameters<typeof stripsWords>[1]
  onStrips: (strips: PulledStrips) => void
}) {
  return (
    <>
      {PLACES.map((where) => (
        <div key={where} className="mt-2 flex flex-wrap items-center gap-3">
          <span className="w-16">{capital(where)}</span>
          <Choice
            label={`${where} strip`}
            value={strips[where]}
            options={Object.entries(STRIPS).map(([key, words]) => [key as Strip, words])}
            onPick={(strip) => onStrips({ ...strips, [where]: strip })}
          />
        </div>
      ))}
      <p data-said className="mt-2 font-medium">
        {stripsWords(strips, last)}
      </p>
    </>
  )
}
