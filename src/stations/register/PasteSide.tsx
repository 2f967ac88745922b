/** Which side gets the paste, as a picture that cannot be misread: the plate beneath, the thin paper face down on it, paste on its back, the sheet coming down. */
export function PasteSide() {
  return (
    <figure>
      <svg
        viewBox="0 0 320 170"
        className="w-full max-w-md"
        role="img"
        aria-label="From below: plate with ink; thin paper, its face to the plate; paste on the side that looks up; the damp sheet comes down onto the paste"
      >
        <g fill="none" stroke="currentColor">
          <path d="M20 150H300V134H20Z" strokeWidth="1.4" />
          <path
            d="M40 134v5M60 134v7M84 134v4M110 134v8M140 134v5M170 134v7M200 134v4M230 134v8M262 134v5"
            strokeWidth="2.6"
          />
          <path d="M60 118H260V123H60Z" fill="var(--raised)" strokeWidth="1.2" />
          <path
            d="M60 115l6-5 6 5 6-5 6 5 6-5 6 5 6-5 6 5 6-5 6 5 6-5 6 5 6-5 6 5 6-5 6 5 6-5 6 5 6-5 6 5 6-5 6 5 6-5 6 5 6-5 6 5 6-5 6 5 6-5 6 5 6-5 6 5"
            strokeWidth="2"
          />
          <path d="M20 44H300V54H20Z" strokeWidth="1.4" />
          <path d="M160 62V98M150 88l10 12 10-12" strokeWidth="2" />
        </g>
        <g fill="currentColor" fontSize="11">
          <text x="20" y="165">
            plate, inked and wiped
          </text>
          <text x="268" y="123">
            face down
          </text>
          <text x="4" y="111" fontWeight="bold">
            PASTE up
          </text>
          <text x="20" y="38">
            damp sheet
          </text>
        </g>
      </svg>
      <figcaption className="text-sm">
        Paste looks up, to the sheet. The other way round it glues the paper to the plate.
      </figcaption>
    </figure>
  )
}
