import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Heading, Words } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'heading in the margin, quotes down the page',
  traits: ['asymmetric', 'editorial', 'dense'],
  turns: ['width'],
  Component({ content, at }) {
    return (
      <Band at={at} name="quotes-margin">
        <Heading text={content.heading} at={at} />
        <div>
          {content.items.map((item, n) => (
            <figure key={n}>
              <Words as="blockquote" text={item.text} at={at} path={`items.${item.id}.text`} />
              <figcaption>
                <Words as="strong" text={item.name} at={at} path={`items.${item.id}.name`} />
                <Words as="span" text={item.detail} at={at} path={`items.${item.id}.detail`} />
              </figcaption>
            </figure>
          ))}
        </div>
      </Band>
    );
  },
});
