import { readText } from '../reading/read-text.js';
import { asRead, formsAsLines, labelsApart } from './as-read.js';

const FORM = [
  '| Punkt | Inhalt |',
  '|---|---|',
  '| Name | Bootsclub Tidewater |',
  '| Anschrift Bootshaus | Am Siel 1, 39999 Elbwerder |',
  '| Vorsitz | Hedwig Paulsen |',
  '| E-Mail | vorstand@tidewater.example |',
].join('\n');

describe('a text as it is read', () => {
  it('is offset for offset as long as it was', () => {
    const texts = [
      FORM,
      'Nombre: Club Peñalba. Fundado en 1979. Sede: Paseo 2, 39990 Peñalba. 🌊',
      '| 🌊 Name | Tide Club |\n| Phone | 01632 960 114 |\n| Where | Quay |',
      'call me on oh one six three two nine six oh one one four, THANK YOU VERY MUCH',
    ];
    for (const text of texts) expect(asRead(text).length).withContext(text).toBe(text.length);
  });

  it('has a form that was laid out as a table line by line, wherever its words stand', () => {
    const lines = formsAsLines(FORM).split('\n');
    expect(lines[2]!.trim()).toBe('Name : Bootsclub Tidewater');
    expect(lines[3]!.indexOf('Am Siel')).toBe(FORM.split('\n')[3]!.indexOf('Am Siel'));
    const { facts } = readText(`# Beschluss\n\n${FORM}\n`);
    expect(facts.name).toBe('Bootsclub Tidewater');
    expect(facts.address).toBe('Am Siel 1, 39999 Elbwerder');
    expect(facts.people.map((p) => [p.name, p.role])).toEqual([['Hedwig Paulsen', 'Vorsitz']]);
    expect(facts.services).toEqual([]);
  });

  it('keeps a table of prices as it is, and one of three columns', () => {
    for (const table of [
      '| Job | Price |\n|---|---|\n| New mat | £22.50 |\n| Mending | £9 |\n| Edging | £4 |',
      '| Name | Phone | Hours |\n| Anna | 01632 960 114 | Mon |\n| Ben | 01632 960 115 | Tue |',
    ])
      expect(formsAsLines(table)).toBe(table);
  });

  it('takes what goes on behind a form as more of it, and a list of goods between them as goods', () => {
    const text =
      '| Firma | Seilerei Quint | |\n| Adresse | Reeperbahn 12, 24999 Kappelshaven | |\n| Tel | 04699 900317 | |\n\n' +
      '| Artikel | Preis | Einheit |\n| Tauwerk | 4,80 | je Meter |\n| Fender | 65,00 | Stück |\n\n' +
      '| Text | Seile werden hier noch gelaufen. | |\n| Bitte nicht | Anker, Möwen | |';
    const out = formsAsLines(text);
    expect(out).toContain('| Tauwerk | 4,80 | je Meter |');
    expect(out).toMatch(/Bitte nicht : Anker/);
    const { facts, told } = readText(text);
    expect(facts.services.map((s) => s.name)).toEqual(['Tauwerk', 'Fender']);
    expect(told.map((t) => t.kind)).toEqual(['dont']);
  });

  it('parts labels that stand behind each other in one line, and no sentence that only has a colon in it', () => {
    expect(labelsApart('Nombre: Club Peñalba. Fundado en 1979. Sede: Paseo 2.')).toBe(
      'Nombre: Club Peñalba.\nFundado en 1979.\nSede: Paseo 2.',
    );
    const prose = 'We do three things: hulls, masts and sails. Ring first. There is one rule: no dogs.';
    expect(labelsApart(prose)).toBe(prose);
    const { facts } = readText(
      'Nombre: Club de Remo Peñalba. Fundado en 1979. Sede: Paseo del Embarcadero 2, 39990 Peñalba.\nPresidenta: Nerea Solórzano. Entrenador: Julio Arce.',
    );
    expect([facts.name, facts.founded]).toEqual(['Club de Remo Peñalba', '1979']);
    expect(facts.address).toContain('39990 Peñalba');
    expect(facts.people.map((p) => p.name)).toEqual(['Nerea Solórzano', 'Julio Arce']);
  });
});
