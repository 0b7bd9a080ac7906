import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Head, Icon, Words, across, fileHref } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'tiles two by two',
  traits: ['cards', 'bold'],
  turns: ['align', 'columns', 'width'],
  Component({ content, at }) {
    return (
      <Band at={at} name="downloads-tiles">
        <Head at={at} content={content} />
        <ul class={across(content.items.length, 2)}>
          {content.items.map((item, n) => (
            <li key={n} class="card">
              <div class="inside">
                <Icon name="download" at={at} />
                <h3>
                  <a href={fileHref(at, item)}>
                    <Words as="span" text={item.name} at={at} path={`items.${item.id}.name`} />
                  </a>
                </h3>
                <Words as="p" text={item.text} at={at} path={`items.${item.id}.text`} />
              </div>
            </li>
          ))}
        </ul>
      </Band>
    );
  },
});
