import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Head, Words } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'ruled rows',
  traits: ['dense', 'editorial'],
  Component({ content, at }) {
    return (
      <Band at={at} name="table-ruled">
        <Head at={at} content={content} />
        <div class="scroll" tabindex={0} role="group" aria-label={content.heading.value || at.facts.name}>
          <table>
            <thead>
              <tr>
                {content.columns.map((c, n) => (
                  <th scope="col" key={n} {...at.part(`columns.${n}`)}>
                    {c.value || '–'}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {content.rows.map((row, r) => (
                <tr key={r}>
                  {row.cells.slice(0, content.columns.length).map((cell, n) => (
                    <Words
                      as="td"
                      text={cell.value ? cell : { ...cell, value: '–' }}
                      at={at}
                      path={`rows.${r}.cells.${n}`}
                      key={n}
                    />
                  ))}
                </tr>
              ))}
            </tbody>
          </table>
        </div>
        <Words as="p" class="note" text={content.note} at={at} path="note" />
      </Band>
    );
  },
});
