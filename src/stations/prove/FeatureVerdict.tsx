import { FEATURE_KEYS, FEATURES, type Feature, type Features, type FeatureValue } from '@/core/prove/features'

/** The features people look at, each as wanted unless it is touched. @param subject what is judged: "Proof 3" */
export function FeatureVerdict({
  subject,
  wanted = 'as wanted',
  ask,
  value,
  onValue,
}: {
  subject: string
  wanted?: string
  /** what is asked while it is not said */
  ask?: string | null
  value: Features
  onValue: (features: Features) => void
}) {
  const set = (feature: Feature, next: FeatureValue) =>
    onValue(
      next === 0
        ? Object.fromEntries(Object.entries(value).filter(([key]) => key !== feature))
        : { ...value, [feature]: next },
    )
  return (
    <>
      {ask && <p className="text-sm">{ask}</p>}
      <details>
        <summary className="min-h-11 py-2">
          Faults: what is not {wanted}
          {Object.keys(value).length > 0 ? `: ${Object.keys(value).length}` : ''}
        </summary>
        <div className="grid gap-1">
          {FEATURE_KEYS.map((feature) => (
            <label key={feature} className="grid grid-cols-[6rem_1fr] items-center gap-2 text-sm">
              {FEATURES[feature].label}
              <select
                aria-label={`${subject}, ${FEATURES[feature].label.toLowerCase()}`}
                value={String(value[feature] ?? 0)}
                onChange={(event) => set(feature, Number(event.target.value) as FeatureValue)}
                className="min-h-11 min-w-0 border border-edge bg-raised px-2 text-base"
              >
                <option value="0">{wanted}</option>
                <option value="-1">{FEATURES[feature].less}</option>
                <option value="1">{FEATURES[feature].more}</option>
              </select>
            </label>
          ))}
        </div>
      </details>
    </>
  )
}
