import { Type } from '@sinclair/typebox';
import { itemsField, textField, textsField } from '../../../model/site.js';
import { defineKind, sampleText } from '../shape.js';

const closed = { additionalProperties: false } as const;

export const kind = defineKind({
  title: 'Table',
  reason: 'Figures that belong side by side.',
  asked: /table|chart|sizes|timetable/i,
  content: Type.Object(
    {
      heading: textField('Heading'),
      lead: textField('Introduction', true),
      columns: textsField('Column', { maxItems: 6 }),
      rows: itemsField(
        { cells: textsField('Cell', { maxItems: 6 }) },
        {
          maxItems: 40,
        },
      ),
      note: textField('Note', true),
    },
    closed,
  ),
  sample: {
    heading: sampleText('Berths'),
    lead: sampleText(''),
    columns: [sampleText('Berth'), sampleText('Length'), sampleText('Depth')],
    rows: [
      { cells: [sampleText('North wall'), sampleText('9 m'), sampleText('1.8 m')] },
      { cells: [sampleText('Pontoon'), sampleText('12 m'), sampleText('2.2 m')] },
    ],
    note: sampleText(''),
  },
});
