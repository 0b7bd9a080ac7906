import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Head } from '../../words.js';
import { EnquiryForm } from '../../enquiry-form.js';

export const shape = defineShape(kind, {
  character: 'form on a sheet in the middle',
  traits: ['centred', 'cards', 'bold'],
  turns: ['align'],
  Component({ content, at }) {
    return (
      <Band at={at} name="contact-sheet">
        <div class="sheet">
          <Head at={at} content={content} />
          <EnquiryForm at={at} content={content} />
        </div>
      </Band>
    );
  },
});
