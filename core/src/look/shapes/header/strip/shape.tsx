import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Words, SiteName, Menu, Under, Reach, shows } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'contact line above, name and menu under it',
  traits: ['bold', 'dense', 'cards'],
  Component({ content, at }) {
    return (
      <header class="header-strip">
        <div class="strip on-deep">
          {shows(content.note) && <Words as="span" text={content.note} at={at} path="note" />}
          {!content.note.value && (at.facts.area || at.facts.place) && <span>{at.facts.area || at.facts.place}</span>}
          <Reach at={at} />
        </div>
        <div class="row">
          <a class="home" href={at.link('home')}>
            <SiteName at={at} />
          </a>
          <Menu at={at} action={content.action} />
        </div>
        <Under at={at} />
      </header>
    );
  },
});
