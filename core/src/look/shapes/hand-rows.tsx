import type { ButtonText, Picture, Text } from '../../model/site.js';
import type { Surroundings } from './shape.js';
import { actionHref, Address, buttonClass, hasPicture, Lines, Pic, Prose, Reach, shows, Words } from './words.js';

/** One piece of a section made by hand. */
export interface Piece {
  id: string;
  place: string;
  width: string;
  as: string;
  order: string;
  weight: string;
  name: Text;
  text: Text;
  picture: Picture;
  action: ButtonText;
}

/** The most columns a row has: what would be a fifth begins a row of its own. */
const MOST = 4;

/** Pieces as they stand: rows of columns of pieces. The first begins a row, whatever it says. */
export function rowsOf(pieces: readonly Piece[]): Piece[][][] {
  const rows: Piece[][][] = [];
  for (const piece of pieces) {
    const row = rows.at(-1);
    if (!row || piece.place === 'row' || (piece.place === 'beside' && row.length >= MOST)) rows.push([[piece]]);
    else if (piece.place === 'beside') row.push([piece]);
    else row.at(-1)!.push(piece);
  }
  return rows;
}

/** The rows of a section made by hand; `column` is the class of each column. */
export function HandRows({ at, pieces, column }: { at: Surroundings; pieces: readonly Piece[]; column: string }) {
  return (
    <>
      {rowsOf(pieces).map((row, r) => (
        <div class="hand-row" key={r}>
          {row.map((pieces, c) => (
            <div class={`hand-column ${column}${pieces[0]!.width === 'wide' ? ' wide' : ''}`} key={c}>
              {pieces.map((piece) => (
                <OnePiece at={at} piece={piece} key={piece.id} />
              ))}
            </div>
          ))}
        </div>
      ))}
    </>
  );
}

function OnePiece({ at, piece }: { at: Surroundings; piece: Piece }) {
  const path = (field: string) => `items.${piece.id}.${field}`;
  const { as } = piece;
  if (as === 'gap') return <div class="hand-gap" aria-hidden="true" {...at.part(path('text'))} />;
  const picture = hasPicture(at, piece.picture) && (
    <Pic at={at} picture={piece.picture} sizes="(min-width: 52rem) 50vw, 100vw" />
  );
  const own = (
    <>
      {piece.order === 'picture' && picture}
      {as === 'quote' ? (
        <>
          <Words as="blockquote" text={piece.text} at={at} path={path('text')} />
          {shows(piece.name) && (
            <figcaption>
              <Words as="strong" text={piece.name} at={at} path={path('name')} />
            </figcaption>
          )}
        </>
      ) : (
        <>
          <Words as="h3" text={piece.name} at={at} path={path('name')} />
          {as === 'table' ? (
            <TableOfLines at={at} piece={piece} path={path('text')} />
          ) : (
            <Prose text={piece.text} at={at} path={path('text')} />
          )}
        </>
      )}
      {as === 'reach' && (
        <>
          <Address at={at} />
          <Reach at={at} all />
        </>
      )}
      {as === 'hours' && at.hours.length > 0 && (
        <p>
          <Lines text={at.hours.join('\n')} />
        </p>
      )}
      {piece.order !== 'picture' && picture}
      {shows(piece.action) && (
        <p class="buttons">
          <a class={buttonClass(piece.action, 'main')} href={actionHref(at, piece.action)}>
            <Words as="span" text={piece.action} at={at} path={path('action')} />
          </a>
        </p>
      )}
    </>
  );
  // What has no words of its own is taken hold of as a whole.
  const whole = shows(piece.text) ? {} : at.part(path('text'));
  const class_ = `hand-piece${piece.weight === 'even' ? '' : ` hand-${piece.weight}`}`;
  return as === 'quote' ? (
    <figure class={class_} {...whole}>
      {own}
    </figure>
  ) : (
    <div class={class_} {...whole}>
      {own}
    </div>
  );
}

/** The rows of a table written as lines, its cells parted by a bar or a tab; every row is as long as the first, its head. */
export function cellsOf(words: string): string[][] {
  const rows = words
    .split('\n')
    .filter((line) => line.trim())
    .map((line) =>
      line
        .replace(/^\s*\||\|\s*$/g, '')
        .split(/\s*\|\s*|\t/)
        .map((cell) => cell.trim()),
    );
  const columns = rows[0]?.length ?? 0;
  return rows.map((row) => [...row, ...Array<string>(columns).fill('')].slice(0, columns));
}

function TableOfLines({ at, piece, path }: { at: Surroundings; piece: Piece; path: string }) {
  const [head, ...rows] = cellsOf(piece.text.value);
  if (!head) return null;
  return (
    <div
      class="scroll"
      tabindex={0}
      role="group"
      aria-label={piece.name.value || head.join(', ')}
      {...at.own(piece.text)}
      {...at.part(path)}
    >
      <table>
        <thead>
          <tr>
            {head.map((cell, n) => (
              <th scope="col" key={n}>
                {cell || '–'}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map((row, r) => (
            <tr key={r}>
              {row.map((cell, n) => (
                <td key={n}>{cell || '–'}</td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
