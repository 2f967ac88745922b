import { Choice } from '@/ui/Choice'
import { NumberField } from '@/ui/NumberField'
import { brushProblem, type ZoneHand, type ZoneTool } from './zoneHand'

/** What a click on the plate does, how wide the brush is, and which way round the plate is shown. */
export function ZoneTools({
  hand: { tool, brushMm, isPrintWay },
  onChange,
}: {
  hand: ZoneHand
  onChange: (patch: Partial<ZoneHand>) => void
}) {
  return (
    <div className="mb-2 flex flex-wrap items-end gap-3">
      <Choice<ZoneTool>
        label="Tool"
        value={tool}
        options={[
          ['choose', 'Choose'],
          ['polygon', 'Outline'],
          ['brush', 'Brush'],
        ]}
        onPick={(picked) => onChange({ tool: picked })}
      />
      {tool === 'brush' && (
        <NumberField
          label="Brush"
          unit="mm"
          value={brushMm}
          onValue={(mm) => onChange({ brushMm: mm })}
          className="w-24"
          problem={brushProblem(brushMm)}
        />
      )}
      <Choice
        label="Way round"
        value={isPrintWay ? 'print' : 'plate'}
        options={[
          ['plate', 'Plate'],
          ['print', 'Print'],
        ]}
        onPick={(way) => onChange({ isPrintWay: way === 'print' })}
      />
    </div>
  )
}
