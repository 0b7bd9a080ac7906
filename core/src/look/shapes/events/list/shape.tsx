import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Head, Words } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'dates large in the margin',
  traits: ['editorial', 'dense', 'type'],
  turns: ['align', 'width'],
  Component({ content, at }) {
    return (
      <Band at={at} name="events-list">
        <Head at={at} content={content} />
        <ul class="rows">
          {content.items.map((item, n) => (
            <li key={n}>
              <Words as="p" class="date" text={item.date} at={at} path={`items.${item.id}.date`} />
              <div>
                <Words as="h3" text={item.name} at={at} path={`items.${item.id}.name`} />
                <Words as="p" text={item.text} at={at} path={`items.${item.id}.text`} />
                <Words as="p" class="place" text={item.place} at={at} path={`items.${item.id}.place`} />
              </div>
            </li>
          ))}
        </ul>
      </Band>
    );
  },
});
