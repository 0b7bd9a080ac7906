import { shape as split } from '../split/shape.js';
import { defineShape } from '../../shape.js';
import { actionHref, Heading, Words } from '../../words.js';

export const shape = defineShape({
  ...split,
  character: 'wide picture, words laid over its lower edge',
  Component({ content, at }) {
    const picture = at.picture(content.scene);
    return (
      <section class="opening-overlap">
        <img src={picture.src} width={picture.width} height={picture.height} alt={content.alt.value} />
        <div class="words">
          <Heading text={content.heading} at={at} />
          <div class="beside">
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
        </div>
      </section>
    );
  },
});
