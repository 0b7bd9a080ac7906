import type { Form } from '@tin-porch/core/model';
import type { FixedWords } from '@tin-porch/core/language';

/** The trap field: people do not see it, programs that fill everything in do. */
export const TRAP = 'leave-empty';

/** Checks what was sent against the form it was sent through, and names what is wrong in the words of the site. Values are trimmed strings for the form’s own fields only. */
export function readSubmission(
  form: Form,
  sent: Record<string, unknown>,
  words: Pick<FixedWords, 'missing' | 'tooLong' | 'notMail' | 'notPhone'>,
): { values: Record<string, string>; errors: Record<string, string>; trapped: boolean } {
  const values: Record<string, string> = {};
  const errors: Record<string, string> = {};
  for (const field of form.fields) {
    const given = sent[field.name];
    const value = (typeof given === 'string' ? given : '').replace(/\0/g, '').replace(/\r\n?/g, '\n').trim();
    values[field.name] = value;
    const limit = field.type === 'long' ? 5000 : 200;
    if (field.required && !value) errors[field.name] = words.missing(field.label);
    else if (value.length > limit) errors[field.name] = words.tooLong(field.label, limit);
    else if (field.type === 'email' && value && !/^[^\s@<>]+@[^\s@<>.]+(\.[^\s@<>.]+)+$/.test(value))
      errors[field.name] = words.notMail(value);
    else if (field.type === 'tel' && value && !/^[+\d][\d\s().-]{4,}$/.test(value))
      errors[field.name] = words.notPhone(value);
  }
  return { values, errors, trapped: typeof sent[TRAP] === 'string' && sent[TRAP] !== '' };
}
