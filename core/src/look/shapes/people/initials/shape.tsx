import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Head, Words } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'initials in circles, names beside them',
  traits: ['centred', 'quiet', 'cards'],
  turns: ['align'],
  Component({ content, at }) {
    return (
      <Band at={at} name="people-initials">
        <Head at={at} content={content} class="middle" />
        <ul>
          {content.items.map((item, n) => (
            <li key={n}>
              <span class="initials" aria-hidden="true">
                {item.name.value
                  .split(/\s+/)
                  .slice(0, 2)
                  .map((w) => w.charAt(0))
                  .join('')}
              </span>
              <div>
                <Words as="h3" text={item.name} at={at} path={`items.${item.id}.name`} />
                <Words as="p" class="role" text={item.role} at={at} path={`items.${item.id}.role`} />
                <Words as="p" text={item.text} at={at} path={`items.${item.id}.text`} />
              </div>
            </li>
          ))}
        </ul>
      </Band>
    );
  },
});
