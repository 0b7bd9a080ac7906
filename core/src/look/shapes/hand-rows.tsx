import type { ButtonText, Picture, Text } from '../../model/site.js';
import type { Surroundings } from './shape.js';
import { actionHref, Address, buttonClass, hasPicture, Lines, Pic, Prose, Reach, shows, Words } from './words.js';

/** One piece of a section made by hand. */
export interface Piece {
  id: string;
  place: string;
  width: string;
  as: string;
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
  const own = (
    <>
      {hasPicture(at, piece.picture) && <Pic at={at} picture={piece.picture} sizes="(min-width: 52rem) 50vw, 100vw" />}
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
          <Prose text={piece.text} at={at} path={path('text')} />
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
  return as === 'quote' ? (
    <figure class="hand-piece" {...whole}>
      {own}
    </figure>
  ) : (
    <div class="hand-piece" {...whole}>
      {own}
    </div>
  );
}
