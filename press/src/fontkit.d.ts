declare module 'fontkit' {
  interface Glyph {
    id: number;
    codePoints: number[];
    path: {
      commands: {
        command: 'moveTo' | 'lineTo' | 'quadraticCurveTo' | 'bezierCurveTo' | 'closePath';
        args: number[];
      }[];
    };
  }
  export interface Font {
    unitsPerEm: number;
    variationAxes: Record<string, { min: number; max: number }>;
    getVariation(settings: Record<string, number>): Font;
    layout(words: string): { glyphs: Glyph[]; positions: { xAdvance: number; xOffset: number; yOffset: number }[] };
  }
  /** Reads a font of any kind it knows. */
  export function create(bytes: Buffer): unknown;
}
declare module 'fontverter' {
  /** A font in another packing. */
  export function convert(bytes: Buffer, to: 'truetype' | 'woff' | 'woff2' | 'sfnt'): Promise<Uint8Array>;
}
