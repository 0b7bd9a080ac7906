import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Head, Words, across } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'a leaf of a calendar each',
  traits: ['cards', 'bold'],
  turns: ['align', 'columns', 'width'],
  Component({ content, at }) {
    return (
      <Band at={at} name="events-leaves">
        <Head at={at} content={content} />
        <ul class={across(content.items.length, 3)}>
          {content.items.map((item, n) => (
            <li key={n} class="card">
              <Words as="p" class="date" text={item.date} at={at} path={`items.${item.id}.date`} />
              <div class="inside">
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
