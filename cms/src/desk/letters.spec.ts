import { demoFacts, siteFrom } from '@tin-porch/core/fixtures';
import { invitationLetter, linkLetter, linkTo, messageLetter } from './letters.js';

const TOKEN = 'a'.repeat(43);
const site = siteFrom(demoFacts, 2);
const tom = { name: 'Tom', mail: 'tom@yard.example' };
const ORIGIN = 'https://yard.example';

describe('the letters of a site', () => {
  it('lead to the desk by what no log of requests has, in the language of the site', () => {
    const said = new Set<string>();
    for (const language of ['en-GB', 'de', 'fr', 'es'] as const) {
      const letter = invitationLetter({ ...site, language }, tom, ORIGIN, TOKEN);
      expect(letter.to).toBe(tom.mail);
      expect(letter.text).toContain(`${ORIGIN}/-/desk/#link=${TOKEN}`);
      expect(letter.text).toContain('Tom');
      expect(letter.subject).toContain(site.facts.name);
      said.add(letter.text);
    }
    expect(said.size).toBe(4);
    expect(new URL(linkTo(ORIGIN, TOKEN)).pathname).toBe('/-/desk/');
    // The cause of a letter is kept; what opens the desk is not in it.
    expect(linkLetter(site, tom, ORIGIN, TOKEN, 30).cause).not.toContain(TOKEN);
  });

  it('tell of a message to whom the designer said, so that an answer goes to whoever wrote', () => {
    const [form] = site.forms;
    const fields = { name: 'Wilma', mail: 'wilma@post.example', message: 'Is there room?\nFor nine metres.' };
    const letter = messageLetter(site, { ...form!, deliverTo: 'yard@yard.example' }, 'm1', fields, ORIGIN)!;
    expect([letter.cause, letter.to, letter.replyTo]).toEqual([
      'message m1',
      'yard@yard.example',
      'wilma@post.example',
    ]);
    expect(letter.subject).toContain('Wilma');
    expect(letter.text).toContain('For nine metres.');
    expect(messageLetter(site, { ...form!, deliverTo: ' ' }, 'm1', fields, ORIGIN)).toBeNull();
    const nameless = messageLetter(site, { ...form!, deliverTo: 'a@b.example' }, 'm1', { message: 'x' }, ORIGIN)!;
    expect(nameless.replyTo).toBeUndefined();
  });
});
