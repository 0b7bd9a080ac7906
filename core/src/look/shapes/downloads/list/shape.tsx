import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Head, Icon, Words, fileHref } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'a line each',
  traits: ['dense', 'quiet'],
  turns: ['align', 'width'],
  Component({ content, at }) {
    return (
      <Band at={at} name="downloads-list">
        <Head at={at} content={content} />
        <ul class="rows">
          {content.items.map((item, n) => (
            <li key={n}>
              <Icon name="file-text" at={at} />
              <a href={fileHref(at, item)}>
                <Words as="span" text={item.name} at={at} path={`items.${item.id}.name`} />
              </a>
              <Words as="span" class="quiet" text={item.text} at={at} path={`items.${item.id}.text`} />
            </li>
          ))}
        </ul>
      </Band>
    );
  },
});
