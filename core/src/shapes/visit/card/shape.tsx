import { Type } from '@sinclair/typebox';
import { textField } from '../../../model/site.js';
import { defineShape, sampleText } from '../../shape.js';
import { Heading, Lines, Reach, Words } from '../../words.js';

export const shape = defineShape({
  title: 'Find us',
  character: 'address, hours and numbers',
  content: Type.Object(
    { heading: textField('Heading'), note: textField('Note', true) },
    { additionalProperties: false },
  ),
  sample: { heading: sampleText('Where and when'), note: sampleText('') },
  Component({ content, at }) {
    const { address, mail } = at.facts;
    const { words, hours, phone } = at;
    return (
      <section class="visit-card" id={at.anchor}>
        <Heading text={content.heading} at={at} />
        <div class="cards">
          {address && (
            <div>
              <h3>{words.address}</h3>
              <address>
                <Lines text={address.includes('\n') ? address : address.replace(/,\s*/g, ',\n')} />
              </address>
            </div>
          )}
          {hours.length > 0 && (
            <div>
              <h3>{words.open}</h3>
              <p>
                <Lines text={hours.join('\n')} />
              </p>
            </div>
          )}
          {(phone || mail) && (
            <div>
              <h3>{words.reach}</h3>
              <Reach at={at} />
            </div>
          )}
        </div>
        <Words as="p" text={content.note} at={at} path="note" />
      </section>
    );
  },
});
