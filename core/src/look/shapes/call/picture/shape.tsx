import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Head, Pic, Buttons } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'words beside a picture cut to the edge',
  traits: ['picture', 'bold', 'asymmetric'],
  turns: ['align', 'side'],
  fits: (c) => c.picture.media !== '',
  ownGround: true,
  Component({ content, at }) {
    return (
      <section class="band on-deep call-picture" id={at.anchor}>
        <div class="words">
          <Head at={at} content={content} />
          <Buttons at={at} action={content.action} />
        </div>
        <Pic at={at} picture={content.picture} class="bare" sizes="(min-width: 52rem) 50vw, 100vw" />
      </section>
    );
  },
});
