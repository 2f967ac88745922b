import { formatArea, formatGrams } from '@/core/units/quantity'
import type { ColleNest, ColleSetting, ColleTemplate } from '@/core/register/chineColle'
import { PASTE_AMOUNTS } from '@/core/register/pasteAmounts'
import { counted } from '@/core/units/counted'
import { formatMm } from '@/core/units/length'
import { Figure } from '@/ui/Figure'

/** What a piece comes to: its size cut dry, how many a sheet gives and how they lie on it, and the paste for all. */
export function ColleFigures({
  setting,
  template,
  nest,
}: {
  setting: ColleSetting
  template: ColleTemplate
  nest: ColleNest
}) {
  const isFromPaper = setting.material?.from !== 'print'
  return (
    <>
      <div className="flex flex-wrap gap-x-8 gap-y-3">
        <Figure
          value={`${formatMm(template.widthMm)} × ${formatMm(template.heightMm)}`}
          label={setting.fitting === 'trimmed' ? 'with paper to spare' : 'cut dry'}
          note={formatArea(template.areaCm2, 1)}
        />
        {isFromPaper && (
          <Figure
            value={nest.perSheet === 0 ? 'none' : nest.perSheet}
            label="from one sheet"
            note={
              nest.perSheet === 0
                ? '◆ The piece is larger than the sheet.'
                : `${counted(nest.sheets, 'sheet')} for ${setting.pieces}`
            }
          />
        )}
        <Figure
          value={formatGrams(template.pasteGrams * setting.pieces, 2)}
          label={`${PASTE_AMOUNTS[setting.paste].called} for all`}
          note={
            template.waterGrams > 0
              ? `in ${formatGrams(template.waterGrams * setting.pieces, 0)} water`
              : 'dry, through cloth'
          }
        />
      </div>
      {isFromPaper && nest.perSheet > 0 && (
        <svg
          viewBox={`-6 -6 ${setting.sheetWidthMm + 12} ${setting.sheetHeightMm + 12}`}
          className="max-h-60 w-full"
          role="img"
          aria-label={`${nest.placements.length} pieces on a sheet of thin paper`}
        >
          <rect
            width={setting.sheetWidthMm}
            height={setting.sheetHeightMm}
            fill="none"
            stroke="currentColor"
            strokeWidth="2"
            vectorEffect="non-scaling-stroke"
          />
          {nest.placements.map(({ xMm, yMm }, i) => (
            <path
              key={i}
              transform={`translate(${xMm} ${yMm})`}
              d={`M${template.outline.map((point) => point.join(' ')).join('L')}Z`}
              fill="var(--raised)"
              stroke="currentColor"
              strokeWidth="1"
              vectorEffect="non-scaling-stroke"
            />
          ))}
        </svg>
      )}
      <p className="text-sm text-muted">Plasticky papers do not stick; try a scrap. Paste: rule of thumb.</p>
    </>
  )
}
