import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Address, Band, Branches, Heading, Lines, Reach, Sub, Words } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'address set large, the rest small under it',
  traits: ['type', 'bold', 'centred'],
  turns: ['width'],
  fits: () => true,
  Component({ content, at }) {
    const { facts, words } = at;
    return (
      <Band at={at} name="visit-plate">
        <Heading text={content.heading} at={at} />
        {facts.address && <Address at={at} />}
        <div class="small">
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
