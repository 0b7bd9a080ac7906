import type { Text } from '../../model/site.js';
import type { Surroundings } from './shape.js';
import { Words } from './words.js';

/** The form of a section, with what became of it where it was sent: thanks, or what is wrong and where. */
export function EnquiryForm(props: { at: Surroundings; content: { form: string; action: Text; thanks: Text } }) {
  const { at, content } = props;
  const wired = at.form(content.form);
  if (!wired) return null;
  const { form, action, state } = wired;
  const Title = at.level === 1 ? 'h2' : 'h3';
  if (state?.state === 'sent')
    return (
      <p class="thanks" role="status" {...at.part('thanks')}>
        {content.thanks.value}
      </p>
    );
  return (
    <form method="post" action={action}>
      {state?.state === 'refused' && (
        <div class="refused" role="alert">
          <Title>{at.words.notSent}</Title>
          <ul>
            {Object.entries(state.errors).map(([name, error]) => (
              <li key={name}>
                {form.fields.some((f) => f.name === name) ? <a href={`#f-${name}`}>{error}</a> : error}
              </li>
            ))}
          </ul>
        </div>
      )}
      {form.fields.map((field) => {
        const common = {
          id: `f-${field.name}`,
          name: field.name,
          required: field.required,
          'aria-invalid': state?.errors[field.name] ? ('true' as const) : undefined,
          'aria-describedby': state?.errors[field.name] ? `e-${field.name}` : undefined,
        };
        return (
          <p key={field.name}>
            <label for={common.id}>
              {field.label}
              {!field.required && <small> ({at.words.optional})</small>}
            </label>
            {field.type === 'long' ? (
              <textarea {...common} rows={6} maxlength={5000}>
                {state?.values[field.name] ?? ''}
              </textarea>
            ) : (
              <input
                {...common}
                type={field.type}
                maxlength={200}
                autocomplete={field.type === 'text' ? 'name' : field.type}
                value={state?.values[field.name] || undefined}
              />
            )}
            {state?.errors[field.name] && (
              <small class="error" id={`e-${field.name}`}>
                {state.errors[field.name]}
              </small>
            )}
          </p>
        );
      })}
      <p class="leave-empty" aria-hidden="true">
        <label for="f-leave-empty">{at.words.leaveEmpty}</label>
        <input id="f-leave-empty" name="leave-empty" tabindex={-1} autocomplete="off" />
      </p>
      <button class="button" type="submit">
        <Words as="span" text={content.action} at={at} path="action" />
      </button>
      {at.editing && <Words as="p" class="thanks" text={content.thanks} at={at} path="thanks" />}
    </form>
  );
}
