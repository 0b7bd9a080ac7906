import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Heading, Words, Address, Reach, Lines } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'heading at the side, facts in ruled lines',
  traits: ['dense', 'asymmetric', 'quiet'],
  Component({ content, at }) {
    const { facts, words } = at;
    return (
      <Band at={at} name="visit-split">
        <div>
          <Heading text={content.heading} at={at} />
          <Words as="p" class="note" text={content.note} at={at} path="note" />
        </div>
        <dl class="rows">
          {facts.address && (
            <div>
              <dt>{words.address}</dt>
              <dd>
                <Address at={at} />
              </dd>
            </div>
          )}
          {at.hours.length > 0 && (
            <div>
              <dt>{words.open}</dt>
              <dd>
                <Lines text={at.hours.join('\n')} />
              </dd>
            </div>
          )}
          {(at.phone || facts.mail) && (
            <div>
              <dt>{words.reach}</dt>
              <dd>
                <Reach at={at} />
              </dd>
            </div>
          )}
          {content.way.map((w, n) => (
            <div key={n}>
              <Words as="dt" text={w.name} at={at} path={`way.${n}.name`} />
              <Words as="dd" text={w.text} at={at} path={`way.${n}.text`} />
            </div>
          ))}
        </dl>
      </Band>
    );
  },
});
