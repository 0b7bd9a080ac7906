import { Type } from '@sinclair/typebox';
import { textField } from '../../../model/site.js';
import { defineShape, sampleText } from '../../shape.js';
import { actionHref, Heading, telUri, Words } from '../../words.js';

export const shape = defineShape({
  title: 'Call to act',
  character: 'band in the lead colour',
  content: Type.Object({ heading: textField('Heading'), action: textField('Button') }, { additionalProperties: false }),
  sample: { heading: sampleText('Is she taking on water?'), action: sampleText('Book a survey') },
  Component({ content, at }) {
    const tel = telUri(at.phone);
    return (
      <section class="call-band">
        <Heading text={content.heading} at={at} />
        <p class="buttons">
          <a class="button" href={actionHref(at, content.action)}>
            <Words as="span" text={content.action} at={at} path="action" />
          </a>
          {tel && !`${content.heading.value} ${content.action.value}`.includes(at.phone) && (
            <a href={tel}>{at.phone}</a>
          )}
        </p>
      </section>
    );
  },
});
