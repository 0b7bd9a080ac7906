import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Head, Words } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'places in a run of large text',
  traits: ['type', 'quiet', 'bold'],
  turns: ['align'],
  Component({ content, at }) {
    return (
      <Band at={at} name="areas-run">
        <Head at={at} content={content} />
        <ul>
          {content.items.map((item, n) => (
            <li key={n}>
              <Words as="span" text={item.name} at={at} path={`items.${item.id}.name`} />
            </li>
          ))}
        </ul>
      </Band>
    );
  },
});
