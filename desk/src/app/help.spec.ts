import { TestBed } from '@angular/core/testing';
import { Router } from '@angular/router';
import { waysTo } from './help';
import { Session } from './here';
import type { DeskPage, Here } from './model';
import { FirstSteps } from './parts/first-steps';
import { HelpLine } from './parts/help-line';
import { AROUND, atTheDesk, button, HERE, shown, textOf } from './testing/at-the-desk';
import { de } from './words/de';
import { en } from './words/en';
import { es } from './words/es';
import { fr } from './words/fr';

const LISTS: Here['lists'] = [
  { id: 'l1', kind: 'news', name: 'News', locked: false },
  { id: 'l2', kind: 'events', name: 'What is on', locked: false },
];
const here: Here = { ...HERE, lists: LISTS };
const text = (value: string) => ({
  at: { section: 's', path: 'p' },
  label: 'Text',
  value,
  form: 'prose' as const,
  long: true,
  most: 900,
});
const PAGES: DeskPage[] = [
  { id: 'home', label: 'Home', texts: 'Rope laid by hand in the long walk' },
  { id: 'visit', label: 'Finding us', texts: 'The ferry lands at the slip, and dogs are welcome' },
].map(({ id, label, texts }) => ({
  id,
  label,
  hold: false,
  ...AROUND,
  sections: [{ id: `${id}-1`, title: 'Words', locked: false, texts: [text(texts)], pictures: [] }],
}));

/** What people say they want, in their words, and where that is done. */
const ASKED: Record<string, readonly (readonly [string, string])[]> = {
  en: [
    ['we are shut over Christmas', '/us/hours'],
    ['open later on Fridays', '/us/hours'],
    ['our phone number is wrong', '/us'],
    ['we have moved to another street', '/us'],
    ['caulking costs more now', '/us/prices'],
    ['put my prices up', '/us/prices'],
    ['there is a spelling mistake', '/pages'],
    ['swap a photo', '/pages'],
    ['somebody filled in the form', '/post'],
    ['reply to a customer', '/post'],
    ['I forgot my password', '/me'],
    ['a woman wants all her data deleted', '/post'],
    ['I changed the wrong thing, go back', '/'],
    ['how many people look at it', '/'],
    ['announce the regatta date', '/lists/l2/new'],
    ['write a news post', '/lists/l1/new'],
    ['another colour for the buttons', ''],
    ['where does it say dogs are welcome', '/pages/visit'],
  ],
  de: [
    ['am Dienstag haben wir zu', '/us/hours'],
    ['neue Telefonnummer', '/us'],
    ['wir ziehen um', '/us'],
    ['das kostet jetzt mehr', '/us/prices'],
    ['da ist ein Tippfehler', '/pages'],
    ['auf eine Anfrage antworten', '/post'],
    ['Passwort vergessen', '/me'],
    ['ein Kunde will seine Daten gelöscht haben', '/post'],
    ['andere Schrift', ''],
    ['eine Veranstaltung ankündigen', '/lists/l2/new'],
  ],
  fr: [
    ['nous sommes fermés lundi', '/us/hours'],
    ['nouveau numéro de téléphone', '/us'],
    ['augmenter un tarif', '/us/prices'],
    ['une faute dans le texte', '/pages'],
    ['répondre à un client', '/post'],
    ['mot de passe oublié', '/me'],
    ['annoncer un événement', '/lists/l2/new'],
    ['supprimer les données d’une personne', '/post'],
    ['changer la couleur', ''],
    ['combien de visiteurs', '/'],
  ],
  es: [
    ['cerramos el lunes', '/us/hours'],
    ['el teléfono está mal', '/us'],
    ['subir los precios', '/us/prices'],
    ['hay una falta en el texto', '/pages'],
    ['contestar a un cliente', '/post'],
    ['he olvidado la contraseña', '/me'],
    ['anunciar un evento', '/lists/l2/new'],
    ['borrar los datos de una persona', '/post'],
    ['otro color', ''],
    ['cuánta gente entra', '/'],
  ],
};
const WORDS = { en, de, fr, es };

describe('what somebody wants to do', () => {
  for (const [tag, words] of Object.entries(WORDS))
    it(`leads to where that is done, in ${tag}`, () => {
      const wrong = ASKED[tag]!.filter(
        ([asked, to]) =>
          !waysTo(asked, words, here, PAGES)
            .slice(0, 2)
            .some((w) => w.to === to),
      ).map(
        ([asked, to]) =>
          `${asked}: ${to}, not ${waysTo(asked, words, here, PAGES)
            .map((w) => w.to)
            .join(' ')}`,
      );
      expect(wrong).toEqual([]);
    });

  it('is nothing here where it says nothing, and none of what is locked or not theirs', () => {
    expect(waysTo('the', en, here, PAGES)).toEqual([]);
    expect(waysTo('xylophone', en, here, PAGES)).toEqual([]);
    const led = (h: Here) => waysTo('closed on Monday', en, h, []).map((w) => w.to);
    expect(led({ ...here, locked: ['hours'] })).not.toContain('/us/hours');
    expect(led({ ...here, me: { ...here.me, role: 'messages' } })).toEqual([]);
    const news = waysTo('news', en, { ...here, lists: [{ ...LISTS[0]!, locked: true }] }, []);
    expect(news.map((w) => w.to)).not.toContain('/lists/l1/new');
  });

  it('is asked for at the first place, and answered while it is typed', async () => {
    const http = atTheDesk();
    TestBed.inject(Session).here.set(here);
    const place = await shown(HelpLine);
    const field = (place.nativeElement as HTMLElement).querySelector('input')!;
    const type = async (value: string) => {
      field.value = value;
      field.dispatchEvent(new Event('input'));
      await place.whenStable();
    };
    // The line is cut: what needs no pages is known all the same, and they are asked for once more the next time.
    field.dispatchEvent(new Event('focus'));
    http.expectOne('api/pages').error(new ProgressEvent('error'));
    await type('holidays');
    expect(button(place, en.help.ways.hours.words).getAttribute('href')).toBe('/us/hours');
    field.dispatchEvent(new Event('focus'));
    http.expectOne('api/pages').flush({ pages: PAGES });
    await type('dogs');
    expect(button(place, en.help.page('Finding us')).getAttribute('href')).toBe('/pages/visit');
    await type('a menu entry');
    expect(textOf(place)).toContain(en.help.designer.words);
    await type('zzz');
    expect(textOf(place)).toContain(en.help.none);
  });
});

describe('first steps', () => {
  it('are crossed out one by one, kept on the device, and gone when all are or when they are enough', async () => {
    const http = atTheDesk({ password: false });
    spyOn(TestBed.inject(Router), 'navigateByUrl').and.resolveTo(true);
    const place = await shown(FirstSteps);
    const { title, steps, enough } = en.first;
    expect(textOf(place)).toContain(title);
    button(place, steps.hours).click();
    await place.whenStable();
    expect([...(place.nativeElement as HTMLElement).querySelectorAll('s')].map((s) => s.textContent)).toEqual([
      steps.hours,
    ]);
    const again = await shown(FirstSteps);
    expect(textOf(again)).toContain(title);
    expect((again.nativeElement as HTMLElement).querySelectorAll('s').length).toBe(1);
    // Another person on the same device begins at the beginning.
    const session = TestBed.inject(Session);
    const mine = session.here()!;
    session.here.set({ ...mine, me: { ...mine.me, mail: 'tom@gant.example' } });
    await again.whenStable();
    expect((again.nativeElement as HTMLElement).querySelectorAll('s').length).toBe(0);
    session.here.set(mine);
    await again.whenStable();
    button(again, enough).click();
    await again.whenStable();
    expect(textOf(again)).toBe('');
    expect(textOf(await shown(FirstSteps))).toBe('');
    http.verify();
  });

  it('are those that are theirs, a password that is set among those that are done, and none for a designer', async () => {
    atTheDesk({ password: true, role: 'messages' });
    const place = await shown(FirstSteps);
    expect((place.nativeElement as HTMLElement).querySelectorAll('li').length).toBe(2);
    expect((place.nativeElement as HTMLElement).querySelectorAll('s').length).toBe(1);
    const session = TestBed.inject(Session);
    session.here.set({ ...HERE, me: { ...HERE.me, mail: '', role: 'designer', designer: true } });
    await place.whenStable();
    expect(textOf(place)).toBe('');
  });
});
