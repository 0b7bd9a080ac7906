/** The size an SVG document gives itself, CSS px; 160 by 48 where it says nothing. */
export function sizeOfSvg(svg: string): { width: number; height: number } {
  const box = /viewBox="\s*[-\d.]+[ ,]+[-\d.]+[ ,]+([\d.]+)[ ,]+([\d.]+)"/.exec(svg);
  return box
    ? { width: Math.round(Number(box[1])) || 160, height: Math.round(Number(box[2])) || 48 }
    : { width: 160, height: 48 };
}
