import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Address, Band, Branches, Heading, Lines, Reach, Sub, Words } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'address, hours and numbers side by side',
  traits: ['quiet', 'dense'],
  turns: ['width'],
  Component({ content, at }) {
    const { facts, words } = at;
    return (
      <Band at={at} name="visit-card">
        <Heading text={content.heading} at={at} />
        <div class="cards">
          {facts.address && (
            <div>
              <Sub at={at}>{words.address}</Sub>
              <Address at={at} />
            </div>
          )}
          {at.hours.length > 0 && (
            <div>
              <Sub at={at}>{words.open}</Sub>
              <p>
                <Lines text={at.hours.join('\n')} />
              </p>
            </div>
          )}
          {(at.phone || facts.mail) && (
            <div>
              <Sub at={at}>{words.reach}</Sub>
              <Reach at={at} all />
            </div>
          )}
          <Branches at={at} />
          {content.way.map((w, n) => (
            <div key={n}>
              <Words as="h3" text={w.name} at={at} path={`way.${w.id}.name`} />
              <Words as="p" text={w.text} at={at} path={`way.${w.id}.text`} />
            </div>
          ))}
        </div>
        <Words as="p" class="note" text={content.note} at={at} path="note" />
      </Band>
    );
  },
});
