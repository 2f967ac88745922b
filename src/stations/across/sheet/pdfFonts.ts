import path from 'node:path'
import { Font } from '@react-pdf/renderer'

const fontFile = (weight: 400 | 700) =>
  path.join(process.cwd(), 'node_modules/@fontsource/archivo/files', `archivo-latin-${weight}-normal.woff`)

/** Makes the house's type known to PDF documents; done again it changes nothing. */
export function registerFonts(): void {
  Font.register({
    family: 'Archivo',
    fonts: [
      { src: fontFile(400), fontWeight: 400 },
      { src: fontFile(700), fontWeight: 700 },
    ],
  })
  Font.registerHyphenationCallback((word) => [word])
}
