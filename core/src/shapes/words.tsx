import type { Text } from '../model/site.js';
import type { Surroundings } from './shape.js';

type Tag = 'h1' | 'h2' | 'h3' | 'p' | 'span' | 'strong';

/** One text in its element; nothing at all where it is empty and nobody is writing. */
export function Words(props: { as: Tag; text: Text | undefined; at: Surroundings; path: string; class?: string }) {
  const { as: Element, text, at, path } = props;
  if (!text || (!text.value && !at.editing)) return null;
  return (
    <Element class={props.class} {...at.part(path)}>
      {text.value}
    </Element>
  );
}

/** A text of several sentences: paragraphs, and a list where its lines begin with a dot. */
export function Prose(props: { text: Text | undefined; at: Surroundings; path: string }) {
  const { text, at, path } = props;
  if (!text?.value.includes('\n• ')) return <Words as="p" text={text} at={at} path={path} />;
  const [lead = '', ...items] = text.value.split(/\n?• /);
  return (
    <div {...at.part(path)}>
      {lead.trim() && <p>{lead.trim()}</p>}
      <ul class="points">
        {items.map((item, n) => (
          <li key={n}>{item.trim()}</li>
        ))}
      </ul>
    </div>
  );
}

/** The heading of a section, at the level its place on the page asks for. */
export function Heading(props: { text: Text; at: Surroundings; path?: string }) {
  return (
    <Words as={props.at.level === 1 ? 'h1' : 'h2'} text={props.text} at={props.at} path={props.path ?? 'heading'} />
  );
}

/** A phone number as the `tel:` URI of RFC 3966, or null where there is none to dial. */
export function telUri(phone: string): string | null {
  const digits = phone.replace(/\(0\)/, '').replace(/[^\d+]/g, '');
  return digits.length >= 5 ? `tel:${digits}` : null;
}

/** Where a main button leads: to the dialler where it says the number, else to where one gets in touch. */
export const actionHref = (at: Surroundings, action: Text): string =>
  (at.phone && action.value.includes(at.phone) && telUri(at.phone)) || at.link('contact');

/** The ways to reach the business that the facts know of. */
export function Reach({ at }: { at: Surroundings }) {
  const { mail } = at.facts;
  const { phone } = at;
  const tel = telUri(phone);
  if (!phone && !mail) return null;
  return (
    <p class="reach">
      {phone && (tel ? <a href={tel}>{phone}</a> : <span>{phone}</span>)}
      {mail && <a href={`mailto:${mail}`}>{mail}</a>}
    </p>
  );
}

/** A text of several lines, each line kept. */
export function Lines({ text }: { text: string }) {
  const lines = text.split(/\r?\n/).filter((l) => l.trim());
  return (
    <>
      {lines.map((line, n) => (
        <span class="line" key={n}>
          {line.trim()}
        </span>
      ))}
    </>
  );
}
