import { layoutsOf } from '../../../look/layout.js';
import { WHOLE_LAYOUTS, type Device, type LayoutName, type Section } from '../../../model/site.js';
import type { OperationNamed } from '../../../operations/operation.js';
import { LAYOUT_TITLES, layoutValue, layoutWords } from '../../plan/layout-words.js';
import { change, no, slip, type Intent } from '../reply.js';
import type { Reader } from '../reader.js';
import { deviceIn } from '../device.js';
import { wayOf } from './look.js';
import { each, placeOf, whereOf } from './sections.js';

type Layouts = Partial<Record<LayoutName, string>>;

const onDevice = (device: Device | undefined) => (device ? ` on the ${device}` : '');

/** Where the picture of a section stands as drawn: before its words or after them. */
export const pictureFirst = ({ shape }: Pick<Section, 'shape'>): boolean =>
  /^(?:feature|visit)\/|^opening\/portrait$/.test(shape);
/** What makes a picture stand at the left or the right: null where it does already. */
function sideFor(section: Section, wanted: string): string | null {
  const left = pictureFirst(section) !== (section.side === 'other');
  if (wanted === 'other') return section.side === 'other' ? 'look' : 'other';
  return (wanted === 'left') === left ? null : section.side === 'other' ? 'look' : 'other';
}

/** What is asked of how a section is laid out; what it says of the picture is settled where the section is known. */
function wishedLayouts(r: Reader, device: Device | undefined, named: boolean): Layouts {
  const out: Layouts = {};
  const text =
    r.has('part:text', 'part:heading', 'part:lead', 'look:fonts') || /\b(?:print|letters)\b/.test(r.even.low);
  if (
    r.has('comp:size', 'raw:size') &&
    !r.has('part:picture', 'part:button') &&
    (named || device) &&
    (text || device || r.has('this:'))
  ) {
    const way = wayOf(r, 'size');
    if (way) out.size = way > 0 ? 'larger' : 'smaller';
  }
  if (r.has('comp:room') || (r.has('raw:room') && r.has('too:'))) {
    const way = wayOf(r, 'room');
    if (way) out.room = way > 0 ? 'wide' : 'close';
  }
  if (r.word('like:centred', 'align:middle')) out.align = 'middle';
  if (r.word('align:start')) out.align = 'start';
  const side = r.word('side:')?.of;
  if (side) out.side = side;
  // “First” of a picture, where there is one column.
  if (device && r.has('part:picture') && r.word('place:top', 'place:bottom', 'prep:before', 'prep:after'))
    out.side = 'other';
  const columns = r.word('columns:')?.of;
  if (columns) out.columns = columns;
  const width = r.word('width:')?.of;
  if (width) out.width = width;
  if (!device && r.has('look:edges')) {
    const edge = r.word('value:edge')?.by ?? (r.word('verb:out') ? 'straight' : undefined);
    if (edge) out.edge = edge;
  }
  if (!device && r.has('look:motion')) {
    const motion =
      r.word('value:motion')?.by ??
      (r.word('verb:out') || /\b(?:no|nothing|without)\b/.test(r.even.low) ? 'still' : undefined);
    if (motion) out.motion = motion;
  }
  return out;
}

const BESIDE = [
  'verb:',
  'prep:',
  'noun:',
  'this:',
  'degree:',
  'too:',
  'part:text',
  'part:heading',
  'part:lead',
  'look:',
];

/** How a section is laid out: larger, narrower, centred, its picture on the other side, on every kind of page or on one. */
export const sectionLayout: Intent = {
  name: 'section layout',
  weight: 1.05,
  examples: [
    'make the text of the services on home smaller on phones',
    'centre the services on the services page',
    'put the picture of the visit section on home on the other side',
    'the services on home narrower',
    'no animation in the services section on the services page',
  ],
  read(r) {
    if (r.has('look:colours', 'part:menu', 'rework:', 'seo:', 'verb:undo') || r.things('quoted').length) return null;
    const device = deviceIn(r);
    const named = r.has('kind:') || r.has('noun:section') || r.things('section').length > 0;
    const held = r.hand.section !== undefined && !r.has('noun:page', 'all:');
    if (!named && !(held && (device || r.has('this:', 'width:', 'side:', 'align:', 'columns:')))) return null;
    const wished = wishedLayouts(r, device, named);
    const names = Object.keys(wished) as LayoutName[];
    if (!names.length) return null;
    if (!r.has('verb:out')) r.every('part:picture');
    r.every(...BESIDE);
    const letters = r.find(/\b(?:print|letters)\b/);
    if (letters) r.explain(r.from + letters.index, r.from + letters.index + letters[0].length);
    const whole = device && names.find((n) => n in WHOLE_LAYOUTS);
    if (whole) return no(`The ${LAYOUT_TITLES[whole].toLowerCase()} of a section is the same on every kind of page.`);
    return each(r, (p) => {
      // The header and the footer are laid out by their shape alone.
      if (!p.page) return null;
      const able = layoutsOf(p.section);
      const cannot = names.find((n) => !able.includes(n));
      // Another shape may do it.
      if (cannot === 'align' || cannot === 'columns') return null;
      if (cannot) return no(`${whereOf(p)} cannot be laid out so in this shape. Ask for another shape of it first.`);
      const side = wished.side && (device ? 'other' : sideFor(p.section, wished.side));
      if (wished.side && !side) return no(`The picture of ${whereOf(p)} stands there already.`);
      const set = { ...wished, ...(side && { side }) };
      const operation = { op: 'setSection', section: p.section.id, ...(device && { on: device }), ...set };
      const words = names.map((n) => `${LAYOUT_TITLES[n].toLowerCase()} ${layoutValue(n, set[n]!)}`).join(', ');
      return slip([
        change(operation as OperationNamed<'setSection'>, `${whereOf(p)}: ${words}${onDevice(device)}`, placeOf(p), {
          before: layoutWords(p.section).join('; ') || 'as the look',
        }),
      ]);
    });
  },
};

/** A section hidden, or shown, on one kind of page alone. */
export const sectionOnDevice: Intent = {
  name: 'section on device',
  weight: 1.06,
  examples: [
    'hide the story on home on phones',
    'show the visit section on home only on the phone',
    'do not show the services section on home on tablets',
  ],
  read(r) {
    const device = deviceIn(r);
    if (!device || r.has('part:', 'fact:')) return null;
    const only = /\bonly\b|\bnur\b|\bseulement\b|\bsolo\b/.test(r.even.low);
    const out = r.word('verb:hide', 'verb:out');
    const shows = !out && r.word('verb:show', 'verb:use', 'verb:undo');
    if (!out && !shows && !only) return null;
    r.every('noun:section', 'prep:', 'verb:', 'verb:again', 'verb:show', 'this:', 'place:', 'place:bottom');
    return each(r, (p) => {
      if (!p.page) return no('It is on every page, and stays.');
      const { id: section } = p.section;
      if (only && !out)
        return slip([
          change(
            {
              op: 'batch',
              operations: [
                { op: 'setSection', section, on: device, hidden: false },
                { op: 'setSection', section, hidden: true },
              ],
            },
            `${whereOf(p)}: on the ${device} alone`,
            placeOf(p),
          ),
        ]);
      const hidden = p.section.on?.[device]?.hidden ?? p.section.hidden ?? false;
      if (hidden === !!out) return no(`${whereOf(p)} is ${out ? 'hidden' : 'shown'} on the ${device} already.`);
      return slip([
        change(
          { op: 'setSection', section, on: device, hidden: out ? true : p.section.hidden ? false : 'same' },
          `${whereOf(p)}: ${out ? 'not there' : 'shown again'} on the ${device}`,
          placeOf(p),
        ),
      ]);
    });
  },
};
