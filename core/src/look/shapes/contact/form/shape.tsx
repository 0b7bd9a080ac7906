import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Head } from '../../words.js';
import { EnquiryForm } from '../../enquiry-form.js';

export const shape = defineShape(kind, {
  character: 'words and form side by side',
  traits: ['quiet', 'editorial'],
  turns: ['align', 'width'],
  Component({ content, at }) {
    return (
      <Band at={at} name="contact-form">
        <Head at={at} content={content} />
        <EnquiryForm at={at} content={content} />
      </Band>
    );
  },
});
