import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Heading, Words, Pic, Address, Reach, Lines } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'a picture of the place, the facts in a column beside it',
  traits: ['picture', 'editorial', 'asymmetric'],
  fits: (c) => c.picture.media !== '',
  Component({ content, at }) {
    const { facts, words } = at;
    return (
      <Band at={at} name="visit-picture">
        <Pic at={at} picture={content.picture} sizes="(min-width: 52rem) 50vw, 100vw" />
        <div>
          <Heading text={content.heading} at={at} />
          <dl>
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
          <Words as="p" class="note" text={content.note} at={at} path="note" />
        </div>
      </Band>
    );
  },
});
