import { renderToString } from 'preact-render-to-string';
import { families } from '../../look/type.js';
import type { Look } from '../../model/site.js';
import { fontPath } from '../../page/render/css.js';
import type { ReportSaid } from './said.js';

/** What of a look a sheet is drawn with. */
export interface Inks extends Pick<Look, 'heading' | 'reading' | 'headingWeight'> {
  day: Pick<Look['day'], 'ground' | 'wash' | 'text' | 'quiet' | 'line' | 'lead' | 'accent'>;
}

/** Where the files of the families of a look lie, for whoever draws with it: by the path they are served under. */
const facesOf = (look: Inks): string =>
  [...new Set([look.heading, look.reading])]
    .map((id) => {
      const { css, weights } = families[id]!;
      return `@font-face { font-family: '${css}'; src: url('${fontPath(id)}') format('woff2'); font-weight: ${weights.join(' ')}; }`;
    })
    .join('\n');

/** The styles of a printed or mailed page in a look: a mail program knows no stylesheet and no custom property. */
export function inked(look: Inks) {
  const day = look.day;
  const [heading, reading] = [families[look.heading]!, families[look.reading]!];
  const weight = Math.min(Math.max(look.headingWeight, heading.weights[0]), heading.weights[1]);
  const family = (f: typeof heading) => `'${f.css}', ${f.fallback}`;
  const head = `margin: 0; font-family: ${family(heading)}; font-weight: ${weight}; line-height: 1.2; color: ${day.text}`;
  return {
    body: `margin: 0; padding: 24px 12px; background: ${day.wash}; color: ${day.text}; font: 400 16px/1.5 ${family(reading)}`,
    sheet: `max-width: 640px; margin: 0 auto; padding: 36px 32px; background: ${day.ground}; border-top: 6px solid ${day.lead}; overflow-wrap: anywhere`,
    h1: `${head}; font-size: 28px`,
    h2: `${head}; font-size: 19px; margin-top: 28px`,
    p: 'margin: 10px 0 0',
    quiet: `margin: 6px 0 0; color: ${day.quiet}`,
    list: 'margin: 8px 0 0; padding: 0 0 0 20px',
    item: 'margin: 4px 0',
    number: `font-family: ${family(heading)}; font-weight: ${weight}; font-size: 46px; line-height: 1; color: ${day.lead}`,
    next: `margin: 26px 0 0; padding: 16px 18px; background: ${day.wash}; border-left: 4px solid ${day.accent}; color: ${day.text}`,
    foot: `margin: 32px 0 0; padding-top: 12px; border-top: 1px solid ${day.line}; color: ${day.quiet}; font-size: 14px`,
    lead: day.lead,
    line: day.line,
    accent: day.accent,
  };
}

/** A bar for each day of a month. A mail program leaves it out. */
function Days({ days, lead, line }: { days: readonly number[]; lead: string; line: string }) {
  const most = Math.max(1, ...days);
  const [step, high] = [18, 56];
  const wide = days.length * step;
  return (
    <svg
      viewBox={`0 0 ${wide} ${high + 1}`}
      width="100%"
      height={high + 1}
      preserveAspectRatio="none"
      role="presentation"
      style="display: block; margin-top: 16px"
    >
      {days.map((n, at) => {
        const tall = Math.round((n / most) * high);
        return <rect x={at * step + 2} y={high - tall} width={step - 4} height={tall} fill={lead} />;
      })}
      <rect x={0} y={high} width={wide} height={1} fill={line} />
    </svg>
  );
}

/** A whole page of HTML with its title and styles; on paper it is on white, without an edge around it. */
export const sheetOf = (language: string, title: string, look: Inks, body: string): string =>
  `<!doctype html>\n<html lang="${language}"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><meta name="robots" content="noindex">${renderToString(<title>{title}</title>)}<style>${facesOf(look)}
@page { size: A4; margin: 14mm; }
@media print { body { padding: 0 !important; background: #fff !important; } .sheet { max-width: none !important; padding: 10px 0 0 !important; background: #fff !important; } section { break-inside: avoid; } }</style></head>${body}</html>`;

/**
 * A report as a page of HTML in the look of the site, for a browser, a printer and a mail program alike: its styles stand
 * with each element. `days` are the visits of each day; left out where they cannot be drawn.
 */
export function drawReport(said: ReportSaid, look: Inks, days: readonly number[] = []): string {
  const ink = inked(look);
  const body = renderToString(
    <body style={ink.body}>
      <main class="sheet" style={ink.sheet}>
        <h1 style={ink.h1}>{said.title}</h1>
        <p style={ink.quiet}>{said.address}</p>
        {said.words.map((words) => (
          <p style={ink.p}>{words}</p>
        ))}
        {said.came && (
          <p style="margin: 24px 0 0">
            <span style={ink.number}>{said.came.count}</span> {said.came.noun}
            {said.came.before && `, ${said.came.before}`}
          </p>
        )}
        {said.came && days.length > 0 && <Days days={days} lead={ink.lead} line={ink.line} />}
        {said.next && (
          <section style={ink.next}>
            <b>{said.next.heading}.</b> {said.next.words}
          </section>
        )}
        {said.parts.map((part) => (
          <section>
            <h2 style={ink.h2}>{part.heading}</h2>
            <ul style={ink.list}>
              {part.lines.map((line) => (
                <li style={ink.item}>{line}</li>
              ))}
            </ul>
          </section>
        ))}
        <p style={ink.foot}>{said.by}</p>
      </main>
    </body>,
  );
  return sheetOf(said.language, said.title, look, body);
}
