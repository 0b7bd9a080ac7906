import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Heading, Words, across } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'figures side by side',
  traits: ['bold', 'cards'],
  Component({ content, at }) {
    return (
      <Band at={at} name="figures-row">
        <Heading text={content.heading} at={at} />
        <dl class={across(content.items.length, 4)}>
          {content.items.map((item, n) => (
            <div key={n}>
              <Words as="dd" text={item.figure} at={at} path={`items.${n}.figure`} />
              <Words as="dt" text={item.label} at={at} path={`items.${n}.label`} />
            </div>
          ))}
        </dl>
      </Band>
    );
  },
});
