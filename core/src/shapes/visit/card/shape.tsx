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
    const { address, hours, phone, mail } = at.facts;
    return (
      <section class="visit-card">
        <Heading text={content.heading} at={at} />
        <div class="cards">
          {address && (
            <div>
              <h3>Address</h3>
              <address>
                <Lines text={address.includes('\n') ? address : address.replace(/,\s*/g, ',\n')} />
              </address>
            </div>
          )}
          {hours && (
            <div>
              <h3>Open</h3>
              <p>
                <Lines text={hours} />
              </p>
            </div>
          )}
          {(phone || mail) && (
            <div>
              <h3>Ring or write</h3>
              <Reach at={at} />
            </div>
          )}
        </div>
        <Words as="p" text={content.note} at={at} path="note" />
      </section>
    );
  },
});
