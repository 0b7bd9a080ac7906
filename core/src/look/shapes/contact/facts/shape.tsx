import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Head, Lines, Reach, Sub } from '../../words.js';
import { EnquiryForm } from '../../enquiry-form.js';

export const shape = defineShape(kind, {
  character: 'the form, and beside it every other way to get in touch',
  traits: ['dense', 'asymmetric'],
  turns: ['align', 'width'],
  Component({ content, at }) {
    const { facts } = at;
    return (
      <Band at={at} name="contact-facts">
        <div>
          <Head at={at} content={content} />
          <EnquiryForm at={at} content={content} />
        </div>
        <div class="other">
          {(at.phone || facts.mail) && (
            <div>
              <Sub at={at}>{at.words.reach}</Sub>
              <Reach at={at} all />
            </div>
          )}
          {at.hours.length > 0 && (
            <div>
              <Sub at={at}>{at.words.open}</Sub>
              <p>
                <Lines text={at.hours.join('\n')} />
              </p>
            </div>
          )}
        </div>
      </Band>
    );
  },
});
