import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Heading, Words, Address, Reach, Lines } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'address, hours and numbers side by side',
  traits: ['quiet', 'dense'],
  Component({ content, at }) {
    const { facts, words } = at;
    return (
      <Band at={at} name="visit-card">
        <Heading text={content.heading} at={at} />
        <div class="cards">
          {facts.address && (
            <div>
              <h3>{words.address}</h3>
              <Address at={at} />
            </div>
          )}
          {at.hours.length > 0 && (
            <div>
              <h3>{words.open}</h3>
              <p>
                <Lines text={at.hours.join('\n')} />
              </p>
            </div>
          )}
          {(at.phone || facts.mail) && (
            <div>
              <h3>{words.reach}</h3>
              <Reach at={at} />
            </div>
          )}
          {content.way.map((w, n) => (
            <div key={n}>
              <Words as="h3" text={w.name} at={at} path={`way.${n}.name`} />
              <Words as="p" text={w.text} at={at} path={`way.${n}.text`} />
            </div>
          ))}
        </div>
        <Words as="p" class="note" text={content.note} at={at} path="note" />
      </Band>
    );
  },
});
