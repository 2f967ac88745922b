import type { Point } from '@/core/geometry/point'
import type { Zone, ZoneMap } from '@/core/plate/zoneMap'

type ZoneRow = readonly [
  name: string,
  ink: string | null,
  inkName: string,
  outline: Point[],
  more?: Partial<Zone>,
]

const zones = (rows: readonly ZoneRow[]): Zone[] =>
  rows.map(([name, ink, inkName, outline, more]) => ({
    id: name.toLowerCase().replaceAll(' ', '-'),
    name,
    outline,
    ink: ink ? { source: 'ink', id: ink, name: inkName } : null,
    isWhite: ink === null,
    tone: 'light',
    border: 'hard',
    isFiller: false,
    ...more,
  }))

/** The mooring posts, one black: zones only for the wiping, and the three spots that are read. As the plate lies: mirrored. */
export const POSTS_ZONES: ZoneMap = {
  zones: zones([
    [
      'Sky',
      'quay-black',
      'Quay black',
      [
        [0, 0],
        [180, 0],
        [180, 58],
        [0, 58],
      ],
      { tone: 'medium', border: 'feathered' },
    ],
    [
      'Water',
      'quay-black',
      'Quay black',
      [
        [0, 58],
        [180, 58],
        [180, 120],
        [0, 120],
      ],
      { border: 'feathered' },
    ],
    [
      'Posts',
      'quay-black',
      'Quay black',
      [
        [20, 22],
        [30, 22],
        [32, 112],
        [18, 112],
      ],
      { tone: 'bright' },
    ],
  ]),
  spots: { tone1: [25, 60], tone2: [110, 20], tone3: [90, 100] },
}

/** The samphire in six inks with a kept white, as the plate lies. */
export const SAMPHIRE_ZONES: ZoneMap = {
  zones: zones([
    [
      'Sky',
      'ferry-blue',
      'Ferry blue',
      [
        [0, 0],
        [148, 0],
        [148, 62],
        [0, 62],
      ],
      { tone: 'medium', border: 'feathered' },
    ],
    [
      'Far bank',
      'reed-ochre',
      'Reed ochre',
      [
        [0, 62],
        [148, 58],
        [148, 78],
        [0, 80],
      ],
      { border: 'feathered' },
    ],
    [
      'Stems',
      'samphire-green',
      'Samphire green',
      [
        [0, 80],
        [148, 78],
        [148, 150],
        [0, 154],
      ],
    ],
    [
      'Mud',
      'silt-brown',
      'Silt brown',
      [
        [0, 154],
        [148, 150],
        [148, 184],
        [0, 186],
      ],
      { tone: 'heavy', isFiller: true },
    ],
    [
      'Foot',
      'kelp-black',
      'Kelp black',
      [
        [0, 186],
        [148, 184],
        [148, 200],
        [0, 200],
      ],
    ],
    [
      'Joints',
      'buoy-red',
      'Buoy red',
      [
        [60, 112],
        [76, 110],
        [78, 122],
        [62, 124],
      ],
    ],
    [
      'Pool',
      null,
      '',
      [
        [104, 160],
        [130, 158],
        [132, 170],
        [106, 172],
      ],
      { tone: 'bright' },
    ],
  ]),
  spots: { tone1: [40, 192], tone2: [74, 30], tone3: [30, 120] },
}
