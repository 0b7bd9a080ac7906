import { Ajv } from 'ajv';
import { demoFacts } from '../../fixtures/facts.js';
import { siteFrom } from '../../fixtures/measure-copy.js';
import { needsConfirming } from '../../model/site.js';
import type { SingleOperation } from '../../operations/operation.js';
import { validateDocument } from '../../operations/validate.js';
import { takeSlip, withSlip } from './ask.js';
import { ASKING_SCHEMA, askingTask, readProposal } from './outside.js';

const site = siteFrom(demoFacts, 1);
const home = site.pages[0]!;
const [opening, second] = home.sections;
const heading = { section: opening!.id, path: 'heading' };
const write = (value: string): SingleOperation => ({
  op: 'setText',
  at: heading,
  text: { value, from: { kind: 'designer' } },
});
const proposed = (request: string, ...operations: unknown[]) =>
  readProposal(site, request, {
    changes: operations.map((operation) => ({ words: 'Does it', operation: operation as SingleOperation })),
    left: '',
  });

describe('a request put to an outside service', () => {
  const task = askingTask(site, 'Make this feel less cramped', { page: 'home', section: second!.id });
  const sent = task.messages.map((m) => m.content).join('\n');

  it('goes out with what is in hand and an outline, and without what the client wrote to the designer alone', () => {
    const user = JSON.parse(task.messages.at(-1)!.content) as {
      inHand: object;
      outline: { pages: { sections: { id: string; otherShapes: string[] }[] }[] };
    };
    expect(user.inHand).toEqual({ page: 'home', section: second!.id });
    expect(user.outline.pages.map((p) => p.sections.map((s) => s.id))).toEqual(
      site.pages.map((p) => p.sections.map((s) => s.id)),
    );
    expect(sent).toContain('Make this feel less cramped');
    expect(demoFacts.description).toContain('Could you ring me');
    expect(sent).not.toContain('Could you ring me');
  });

  it('has a schema that takes operations of a site and no others', () => {
    const check = new Ajv({ strict: false }).compile(ASKING_SCHEMA);
    const answer = (operation: object) => ({ changes: [{ words: '', operation }], left: '' });
    expect(check(answer(write('Boats')))).toBeTrue();
    expect(check(answer({ op: 'setSection', section: 's1', room: 'wide' }))).toBeTrue();
    expect(check(answer({ op: 'setSection', section: 's1', room: 'enormous' }))).toBeFalse();
    expect(check(answer({ op: 'setLook', look: site.look }))).toBeFalse();
    expect(check(answer({ op: 'putVersion' }))).toBeFalse();
  });

  it('comes to a slip of changes that fit one after the other, told where and what', () => {
    const reply = proposed(
      'Say Planks and spars, with more room',
      write('Planks and spars'),
      { op: 'setSection', section: second!.id, room: 'wide' },
      { op: 'moveSection', section: second!.id, page: 'home', to: 0 },
    );
    if (reply.kind !== 'slip') throw new Error(reply.kind);
    expect(reply.left).toEqual([]);
    expect(reply.changes.map((c) => c.at.section)).toEqual([opening!.id, second!.id, second!.id]);
    expect(reply.changes[0]!.after).toBe('Planks and spars');
    expect(reply.changes[0]!.before).toBeTruthy();
    const after = withSlip(site, reply.changes);
    expect(validateDocument(after)).toEqual([]);
    expect(after.pages[0]!.sections[0]!.id).toBe(second!.id);
    expect(takeSlip(site, reply.changes)!.op).toBe('batch');
  });

  it('drops what does not fit, is not allowed or leaves a site that is not valid, and says how much', () => {
    const other = site.pages[1]!;
    const reply = proposed(
      'Change it all',
      { op: 'removeSection', section: 'nowhere' },
      { op: 'setLook', look: site.look },
      { op: 'setShape', section: opening!.id, shape: 'opening/nothing' },
      { op: 'setShape', section: opening!.id, shape: 'gallery/wall' },
      { op: 'setPage', page: other.id, label: other.label, slug: site.pages[2]!.slug },
      { op: 'setSection', section: second!.id, room: 'enormous' },
      { op: 'setText', at: heading },
      { op: 'setSection', section: second!.id, room: 'close' },
    );
    if (reply.kind !== 'slip') throw new Error(reply.kind);
    expect(reply.changes.length).toBe(1);
    expect(reply.left.join()).toContain('7 of what it proposed');
    const nothing = proposed('Change it', { op: 'removeSection', section: 'nowhere' });
    expect(nothing.kind).toBe('no');
    expect(readProposal(site, '', { changes: [], left: 'I cannot see colours.' })).toEqual({
      kind: 'no',
      words: 'I cannot see colours.',
    });
  });

  it('lets no fact in that was not said: words nobody has said are named and to confirm, a number is not put into the sheet', () => {
    const reply = proposed('Make it sound better', write('Award-winning since 1902'));
    if (reply.kind !== 'slip') throw new Error(reply.kind);
    expect(reply.changes[0]!.words).toContain('nobody has said');
    const set = reply.changes[0]!.operation;
    if (set.op !== 'setText') throw new Error(set.op);
    expect(needsConfirming(set.text)).toBeTrue();
    // What the designer said is said.
    const said = proposed('Write “Award-winning since 1902” at the top', write('Award-winning since 1902'));
    if (said.kind !== 'slip') throw new Error(said.kind);
    const own = said.changes[0]!.operation;
    expect(own.op === 'setText' && needsConfirming(own.text)).toBeFalse();
    const phone = { op: 'setFact', field: 'phone', value: '01632 960 999' };
    expect(proposed('The phone has changed', phone).kind).toBe('no');
    expect(proposed('The phone is 01632 960 999 now', phone).kind).toBe('slip');
    expect(proposed('Change the phone', { op: 'setFact', field: 'phone', value: '' }).kind).toBe('no');
    // Nor is anybody led or told what was not said.
    const lead = (to: string) => ({ op: 'setTarget', at: { section: opening!.id, path: 'action' }, to });
    expect(proposed('The button should lead elsewhere', lead('https://elsewhere.example/')).kind).toBe('no');
    expect(proposed('Lead it to elsewhere.example/', lead('https://elsewhere.example/')).kind).toBe('slip');
    expect(proposed('Lead it to the services', lead('page:services')).kind).toBe('slip');
    const other = site.pages[1]!;
    const named = (label: string) => ({ op: 'setPage', page: other.id, label, slug: other.slug });
    expect(proposed('Another name for the page', named('Best in town')).kind).toBe('no');
    expect(proposed('Call the page Our work', named('Our work')).kind).toBe('slip');
    const hold = (words: string) => ({ op: 'setHold', page: other.id, hold: words });
    expect(proposed('Put it on hold', hold('Closed for ever')).kind).toBe('no');
    expect(proposed('Put it on hold', hold('')).kind).toBe('slip');
    expect(proposed('Make it bold', write('<b>Boats</b>')).kind).toBe('no');
  });
});
