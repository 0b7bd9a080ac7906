import { Type } from '@sinclair/typebox';
import { textField } from '../../../model/site.js';
import { defineShape, sampleText } from '../../shape.js';
import { actionHref, Heading, Words } from '../../words.js';

export const shape = defineShape({
  title: 'Opening',
  character: 'picture beside the words',
  content: Type.Object(
    {
      heading: textField('Heading'),
      lead: textField('Lead', true),
      action: textField('Main button'),
      second: textField('Second button'),
      scene: Type.String({ maxLength: 40 }),
      alt: textField('Picture in words'),
    },
    { additionalProperties: false },
  ),
  sample: {
    heading: sampleText('Wooden boats, put right by hand.'),
    lead: sampleText('Planking, caulking and rigging on the slip at Saltmarrow.'),
    action: sampleText('Book a survey'),
    second: sampleText('See the work'),
    scene: 'boat',
    alt: sampleText('A sailing boat at anchor in a bay'),
  },
  Component({ content, at }) {
    const picture = at.picture(content.scene);
    return (
      <section class="opening-split">
        <div class="words">
          <Heading text={content.heading} at={at} />
          <Words as="p" class="lead" text={content.lead} at={at} path="lead" />
          <p class="buttons">
            <a class="button" href={actionHref(at, content.action)}>
              <Words as="span" text={content.action} at={at} path="action" />
            </a>
            {(content.second.value || at.editing) && (
              <a class="button quiet" href={at.link('services')}>
                <Words as="span" text={content.second} at={at} path="second" />
              </a>
            )}
          </p>
        </div>
        <img src={picture.src} width={picture.width} height={picture.height} alt={content.alt.value} />
      </section>
    );
  },
});
