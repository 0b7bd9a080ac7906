import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Heading, Words, More } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'dates in the margin',
  traits: ['dense', 'editorial'],
  turns: ['width'],
  Component({ content, at }) {
    return (
      <Band at={at} name="news-list">
        <Heading text={content.heading} at={at} />
        <ul class="rows">
          {content.items.map((item, n) => (
            <li key={n}>
              <Words as="p" class="date" text={item.date} at={at} path={`items.${item.id}.date`} />
              <div>
                <Words as="h3" text={item.name} at={at} path={`items.${item.id}.name`} />
                <Words as="p" text={item.text} at={at} path={`items.${item.id}.text`} />
              </div>
            </li>
          ))}
        </ul>
        <More at={at} text={content.more} to="news" />
      </Band>
    );
  },
});
