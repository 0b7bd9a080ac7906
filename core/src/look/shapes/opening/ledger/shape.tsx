import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Heading, Words, Pic, Buttons, Reach, Lines } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'heading above, facts in a ruled column',
  traits: ['editorial', 'dense', 'type'],
  turns: ['width'],
  belongs: 'home',
  Component({ content, at }) {
    const { facts, hours } = at;
    return (
      <Band at={at} name="opening-ledger">
        <Heading text={content.heading} at={at} />
        <div class="cols">
          <div>
            <Words as="p" class="lead" text={content.lead} at={at} path="lead" />
            <Buttons at={at} action={content.action} second={content.second} />
          </div>
          <Pic at={at} picture={content.picture} eager sizes="(min-width: 60rem) 40vw, 100vw" />
          <dl>
            {facts.place && (
              <div>
                <dt>{at.words.address}</dt>
                <dd>{facts.place}</dd>
              </div>
            )}
            {hours.length > 0 && (
              <div>
                <dt>{at.words.open}</dt>
                <dd>
                  <Lines text={hours.slice(0, 3).join('\n')} />
                </dd>
              </div>
            )}
            {(at.phone || facts.mail) && (
              <div>
                <dt>{at.words.reach}</dt>
                <dd>
                  <Reach at={at} />
                </dd>
              </div>
            )}
          </dl>
        </div>
      </Band>
    );
  },
});
