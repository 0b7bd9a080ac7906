import type { Form } from '@tin-porch/core/model';
import { languages } from '@tin-porch/core/language';
import { readSubmission } from './forms.js';

const form: Form = {
  id: 'contact',
  deliverTo: '',
  fields: [
    { name: 'name', label: 'Name', type: 'text', required: true },
    { name: 'mail', label: 'Mail', type: 'email', required: true },
    { name: 'phone', label: 'Phone', type: 'tel', required: false },
    { name: 'message', label: 'Message', type: 'long', required: true },
  ],
};

const { words } = languages['en-GB'];

describe('a form', () => {
  it('takes what fits, trimmed, and nothing it did not ask for', () => {
    expect(
      readSubmission(form, { name: ' Ada ', mail: 'ada@post.example', message: 'a\r\nb\0', extra: 'x' }, words),
    ).toEqual({
      values: { name: 'Ada', mail: 'ada@post.example', phone: '', message: 'a\nb' },
      errors: {},
      trapped: false,
    });
  });
  it('names each field that does not fit', () => {
    expect(
      Object.keys(
        readSubmission(form, { mail: 'ada@post', phone: 'call me', message: 'x'.repeat(5001) }, words).errors,
      ),
    ).toEqual(['name', 'mail', 'phone', 'message']);
    expect(Object.keys(readSubmission(form, { name: ['a', 'b'], mail: { x: 1 } }, words).errors)).toContain('name');
  });
  it('knows a program by the field people do not see', () =>
    expect(readSubmission(form, { 'leave-empty': 'x' }, words).trapped).toBeTrue());
});
