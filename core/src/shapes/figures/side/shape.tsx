import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Heading, Words } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'heading at the left, figures stacked at the right',
  traits: ['asymmetric', 'dense'],
  Component({ content, at }) {
    return (
      <Band at={at} name="figures-side">
        <Heading text={content.heading} at={at} />
        <dl>
          {content.items.map((item, n) => (
            <div key={n}>
              <Words as="dt" text={item.label} at={at} path={`items.${n}.label`} />
              <Words as="dd" text={item.figure} at={at} path={`items.${n}.figure`} />
            </div>
          ))}
        </dl>
      </Band>
    );
  },
});
