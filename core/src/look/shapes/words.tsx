import type { ComponentChildren } from 'preact';
import { icons } from '../icons/icons.gen.js';
import { iconFor } from '../icons/choose.js';
import { blocksOf, runsOf, type Marked, type Run } from '../../model/marks.js';
import {
  childrenOf,
  DEVICES,
  parentOf,
  type ButtonFamily,
  type ButtonText,
  type Page,
  type Picture,
  type Text,
} from '../../model/site.js';
import { MEDIA_OF } from '../widths.js';
import type { ShownPicture, Surroundings } from './shape.js';

type Tag =
  | 'h1'
  | 'h2'
  | 'h3'
  | 'h4'
  | 'p'
  | 'span'
  | 'strong'
  | 'dt'
  | 'dd'
  | 'figcaption'
  | 'blockquote'
  | 'cite'
  | 'td'
  | 'th';

/** True where a text says something: one that is empty leaves no trace, in the window as on the site. */
export const shows = (text: Text | undefined): boolean => !!text?.value;

/** True for what stands in a place only the client can fill: it is told apart wherever it is shown, and is not published. */
const isToTell = ({ from }: Text): boolean => from.kind === 'placeholder';
const classes = (...names: (string | false | undefined)[]): string | undefined =>
  names.filter(Boolean).join(' ') || undefined;

/** A section on its ground, named for its shape. */
export function Band(props: {
  at: Surroundings;
  name: string;
  class?: string;
  /** True where it has no heading: then it is no section of the page’s outline. */
  untitled?: boolean;
  children: ComponentChildren;
}) {
  const { at } = props;
  const Element = props.untitled ? 'div' : 'section';
  const names = ['band', at.ground !== 'plain' && `on-${at.ground}`, props.name, props.class];
  return (
    <Element class={names.filter(Boolean).join(' ')} id={at.anchor} {...at.whole}>
      {props.children}
    </Element>
  );
}

/** The heading of a section and the lead under it. */
export function Head(props: { at: Surroundings; content: { heading: Text; lead?: Text }; class?: string }) {
  const { at, content } = props;
  if (!shows(content.heading) && !shows(content.lead)) return null;
  return (
    <div class={`head${props.class ? ` ${props.class}` : ''}`}>
      <Heading text={content.heading} at={at} />
      <Words as="p" class="lead" text={content.lead} at={at} path="lead" />
    </div>
  );
}

/** The classes of a grid of `n` items of at most `most` in a row, chosen so that none is left alone in the last row. */
export function across(n: number, most: 2 | 3 | 4): string {
  const alone = (columns: number) => n > columns && n % columns === 1;
  const rows = [most, most - 1, 2].filter((c) => c >= 2 && c <= most);
  const columns = n <= most ? Math.max(n, 1) : (rows.find((c) => n % c === 0) ?? rows.find((c) => !alone(c)) ?? most);
  return `grid across-${columns}${alone(columns) ? ' last-wide' : ''}`;
}

/** A picture in its place; nothing where there is none. `eager` for what is seen first. */
export function Pic(props: {
  at: Surroundings;
  picture: Picture | undefined;
  class?: string;
  sizes?: string;
  eager?: boolean;
}) {
  const { at, picture } = props;
  const shown = picture?.media ? at.picture(picture.media) : null;
  if (!shown || !picture) return null;
  const film = picture.film && at.target(picture.film.file);
  if (film) return <FilmIn at={at} picture={picture} shown={shown} film={film} class={props.class} />;
  // What is shown on one kind of page alone comes before what is shown on all.
  const own = DEVICES.flatMap((device) => {
    const there = picture.on?.[device] && at.picture(picture.on[device]);
    return there ? [{ device, there }] : [];
  });
  const focuses = own.map(({ device, there }) => there.focus && `${device}-at-${there.focus}`);
  const img = (
    <img
      class={classes('pic', shown.className, props.class, ...focuses)}
      src={shown.src}
      width={shown.width}
      height={shown.height}
      alt={picture.alt.value}
      {...at.place(picture)}
      {...(props.eager || at.level === 1
        ? { fetchpriority: 'high' as const }
        : { loading: 'lazy' as const, decoding: 'async' as const })}
    />
  );
  if (!shown.sources.length && !own.length) return img;
  const sizes = props.sizes ?? '100vw';
  return (
    <picture>
      {own.flatMap(({ device, there: { src, sources, width, height } }) => [
        ...sources.map((s) => (
          <source
            key={`${device} ${s.type}`}
            media={MEDIA_OF[device]}
            type={s.type}
            srcset={s.srcset}
            sizes={sizes}
            {...{ width, height }}
          />
        )),
        <source key={device} media={MEDIA_OF[device]} srcset={src} {...{ width, height }} />,
      ])}
      {shown.sources.map((s) => (
        <source key={s.type} type={s.type} srcset={s.srcset} sizes={sizes} />
      ))}
      {img}
    </picture>
  );
}

/** A film where its picture stands: nothing of it is fetched before somebody plays it. */
function FilmIn(props: {
  at: Surroundings;
  picture: Picture;
  shown: ShownPicture;
  film: string;
  class: string | undefined;
}) {
  const { at, picture, shown, film } = props;
  const captions = picture.film?.captions && at.target(picture.film.captions);
  const { src, width, height } = shown;
  return (
    <video
      class={classes('pic', 'film', shown.className, props.class)}
      poster={src}
      {...{ width, height }}
      preload="none"
      playsinline
      aria-label={picture.alt.value || undefined}
      {...at.place(picture)}
      // In the window it is taken hold of, not played.
      {...(!at.editing && { controls: true })}
    >
      {!at.editing && <source src={film} type={`video/${film.endsWith('.webm') ? 'webm' : 'mp4'}`} />}
      {!at.editing && captions && <track kind="captions" src={captions} srclang={at.language} default />}
    </video>
  );
}
/** True where a picture is there to be shown. */
export const hasPicture = (at: Surroundings, picture: Picture | undefined): boolean =>
  !!picture?.media && at.picture(picture.media) !== null;

/** The classes of a button: of its own family, or of that of its place. */
export const buttonClass = ({ as }: ButtonText, place: ButtonFamily): string =>
  classes('button', (as ?? place) !== 'main' && (as ?? place))!;

/** The main and the second button of a section. */
export function Buttons(props: { at: Surroundings; action?: Text; second?: Text; to?: string }) {
  const { at, action, second } = props;
  if (!shows(action) && !shows(second)) return null;
  return (
    <p class="buttons">
      {shows(action) && (
        <a class={buttonClass(action!, 'main')} href={actionHref(at, action!)}>
          <Words as="span" text={action} at={at} path="action" />
        </a>
      )}
      {shows(second) && (
        <a class={buttonClass(second!, 'second')} href={ownHref(at, second!) ?? at.link(props.to ?? 'services')}>
          <Words as="span" text={second} at={at} path="second" />
        </a>
      )}
    </p>
  );
}

/** The address of a file: where its name leads, or what was written; the contact page where that is none. */
export const fileHref = (at: Surroundings, { name, address }: { name: ButtonText; address: Text }): string =>
  ownHref(at, name) ??
  (/^(?:https?:\/\/|\/)[^\s"<>]*$/.test(address.value.trim()) ? address.value.trim() : at.link('contact'));

/** A link to where there is more of it. */
export function More(props: { at: Surroundings; text: Text; to: string }) {
  if (!shows(props.text)) return null;
  return (
    <p class="more">
      <a href={ownHref(props.at, props.text) ?? props.at.link(props.to)}>
        <Words as="span" text={props.text} at={props.at} path="more" />
      </a>
    </p>
  );
}

/** An icon by its name, or by the words it stands beside. Never alone: it is hidden from those who listen. */
export function Icon(props: { name?: string; words?: string; at: Surroundings }) {
  if (props.at.look.icon === 'none') return null;
  const body = icons[props.name ?? iconFor(props.words ?? '')] ?? icons['dot']!;
  return (
    <span class="icon" aria-hidden="true">
      <svg viewBox="0 0 24 24" dangerouslySetInnerHTML={{ __html: body }} />
    </span>
  );
}

/** The name of the business: its mark where it has one, else its name set in type. `deep` where it stands on a deep ground. */
export function SiteName({ at, deep = false }: { at: Surroundings; deep?: boolean }) {
  const { mark } = at;
  // Where nobody has said a name, it leads home all the same, and says so.
  const name = at.facts.name.trim() || at.pages.find((p) => p.slug === '')?.label;
  if (!mark) return <span class="name">{name}</span>;
  const { width, height, plate } = mark;
  return (
    <picture>
      {!deep && mark.night !== mark.src && <source media="(prefers-color-scheme: dark)" srcset={mark.night} />}
      <img
        class={`mark name${plate ? (deep ? ' plate' : ' plate-by-night') : ''}`}
        src={deep ? mark.deep : mark.src}
        width={width}
        height={height}
        alt={name}
      />
    </picture>
  );
}

/** The pages of the main menu. */
export function Menu({ at, action }: { at: Surroundings; action?: Text }) {
  const { page, pages } = at;
  const above = page && (parentOf(pages, page) ?? page);
  const mark = (id: string) => (id === page?.id ? ('page' as const) : id === above?.id ? ('true' as const) : undefined);
  const menu = childrenOf(pages, null).filter((p) => p.slug !== '' && p.id !== 'contact' && p.menu !== false);
  return (
    <nav class="menu" aria-label={at.words.mainMenu}>
      <ul>
        {menu.map((p) => (
          <li key={p.id}>
            <a href={at.link(p.id)} aria-current={mark(p.id)}>
              {p.label}
            </a>
          </li>
        ))}
        {shows(action) && (
          <li>
            <a class="action" href={actionHref(at, action!)} aria-current={mark('contact')}>
              <Words as="span" text={action} at={at} path="action" />
            </a>
          </li>
        )}
      </ul>
    </nav>
  );
}

/** The button of a header that has no menu. */
export function BareAction({ at, action }: { at: Surroundings; action: Text }) {
  if (!shows(action)) return null;
  return (
    <p class="buttons">
      <a class="button" href={actionHref(at, action)}>
        <Words as="span" text={action} at={at} path="action" />
      </a>
    </p>
  );
}

/** The pages beside and under this one, where it is part of something. */
export function Under({ at }: { at: Surroundings }) {
  const { page, pages } = at;
  const above = page && (parentOf(pages, page) ?? page);
  const under = above ? childrenOf(pages, above).filter((p) => p.menu !== false) : [];
  if (!above || !under.length) return null;
  return (
    <nav class="under" aria-label={at.words.inThisPart}>
      <ul>
        {[above, ...under].map((p) => (
          <li key={p.id}>
            <a href={at.link(p.id)} aria-current={p.id === page?.id ? 'page' : undefined}>
              {p.label}
            </a>
          </li>
        ))}
      </ul>
    </nav>
  );
}

/** Every page of the site, those under others indented. */
export function AllPages({ at }: { at: Surroundings }) {
  if (at.pages.length < 2) return null;
  const links = (pages: readonly Page[]) => (
    <ul>
      {pages.map((p) => (
        <li key={p.id}>
          <a href={at.link(p.id)}>{p.label}</a>
          {childrenOf(at.pages, p).length > 0 && p.parent === undefined && links(childrenOf(at.pages, p))}
        </li>
      ))}
    </ul>
  );
  return (
    <nav class="all-pages" aria-label={at.words.pages}>
      {links(childrenOf(at.pages, null))}
    </nav>
  );
}

/** The address of the business, a line each. */
export function Address({ at }: { at: Surroundings }) {
  const { address } = at.facts;
  if (!address) return null;
  return (
    <address>
      <Lines text={address.includes('\n') ? address : address.replace(/,\s*/g, ',\n')} />
    </address>
  );
}

/** One text in its element; nothing at all where it is empty. */
export function Words(props: { as: Tag; text: Text | undefined; at: Surroundings; path: string; class?: string }) {
  const { text, at, path } = props;
  if (!text?.value) return null;
  // Under the first heading of a page comes a second, whatever the shape has elsewhere.
  const sub = props.as === 'h3' && at.level === 1;
  const Element = sub ? 'h2' : props.as;
  return (
    <Element
      class={classes(sub && 'sub', props.class, isToTell(text) && 'to-tell')}
      {...at.own(text)}
      {...at.part(path)}
    >
      <Runs text={text} at={at} />
    </Element>
  );
}

/** The words of a text with what stands out in them, each line on one of its own. */
function Runs({ text, at }: { text: Marked; at: Surroundings }) {
  if (!text.marks && !text.value.includes('\n')) return <>{text.value}</>;
  // Runs that lead to one place are one link.
  const links: { target: string | null; runs: Run[] }[] = [];
  for (const run of runsOf(text)) {
    const last = links.at(-1);
    if (last && last.target === run.link) last.runs.push(run);
    else links.push({ target: run.link, runs: [run] });
  }
  return (
    <>
      {links.map(({ target, runs }, n) => {
        const href = target === null ? null : at.target(target);
        const words = runs.map((run, r) => <RunWords run={run} key={r} />);
        // Where it leads to is gone: the words stay, and lead nowhere.
        return href === null ? (
          words
        ) : (
          <a href={href} key={n}>
            {words}
          </a>
        );
      })}
    </>
  );
}
function RunWords({ run }: { run: Run }) {
  const lines = run.words.split('\n').flatMap((line, n) => (n ? [<br key={n} />, line] : [line]));
  const stressed = run.stress ? <em>{lines}</em> : <>{lines}</>;
  return run.strong ? <strong>{stressed}</strong> : stressed;
}

/** A fixed word over a part of a section, at the level below its heading. */
export const Sub = (props: { at: Surroundings; children: ComponentChildren }) =>
  props.at.level === 1 ? <h2 class="sub">{props.children}</h2> : <h3>{props.children}</h3>;

/** A text of several sentences: paragraphs, and a list where its lines begin with a dot. */
export function Prose(props: { text: Text | undefined; at: Surroundings; path: string }) {
  const { text, at, path } = props;
  if (!text || !/(?:^|\n)• /.test(text.value)) return <Words as="p" text={text} at={at} path={path} />;
  const class_ = classes(isToTell(text) && 'to-tell');
  return (
    <div class={class_} {...at.own(text)} {...at.part(path)}>
      {blocksOf(text).map((block, n) =>
        block.items ? (
          <ul class="points" key={n}>
            {block.items.map((item, i) => (
              <li key={i}>
                <Runs text={item} at={at} />
              </li>
            ))}
          </ul>
        ) : (
          <p key={n}>
            <Runs text={block.words} at={at} />
          </p>
        ),
      )}
    </div>
  );
}

/** The heading of a section, at the level its place on the page asks for. */
export function Heading(props: { text: Text; at: Surroundings; path?: string }) {
  // A long heading is set a size smaller than a short one, so that both keep their shape.
  const long = props.text.value.length > 42;
  return (
    <Words
      as={props.at.level === 1 ? 'h1' : 'h2'}
      {...(long && { class: 'long' })}
      text={props.text}
      at={props.at}
      path={props.path ?? 'heading'}
    />
  );
}

/** A phone number as the `tel:` URI of RFC 3966, or null where there is none to dial. */
export function telUri(phone: string): string | null {
  const digits = phone.replace(/\(0\)/, '').replace(/[^\d+]/g, '');
  return digits.length >= 5 ? `tel:${digits}` : null;
}

/** Where a button leads by its own word; null where it has none, or what it led to is gone. */
const ownHref = (at: Surroundings, { to }: ButtonText): string | null => (to === undefined ? null : at.target(to));

/** Where a main button leads: where it says, to the dialler where it says the number, else to where one gets in touch. */
export const actionHref = (at: Surroundings, action: Text): string =>
  ownHref(at, action) ?? ((at.phone && action.value.includes(at.phone) && telUri(at.phone)) || at.link('contact'));

/** Phone and mail; with `all` every number and address that is for something, and what for. */
export function Reach({ at, all = false }: { at: Surroundings; all?: boolean }) {
  const { mail } = at.facts;
  const { phone } = at;
  const tel = telUri(phone);
  const contacts = all ? at.contacts : [];
  if (!phone && !mail && !contacts.length) return null;
  const what = (value: string) => contacts.find((c) => c.value === value)?.what;
  const For = ({ value }: { value: string }) => (what(value) ? <small class="what">{what(value)}</small> : null);
  const further = (mails: boolean) =>
    contacts.filter((c) => c.value !== at.facts.phone && c.value !== mail && c.value.includes('@') === mails);
  return (
    <p class="reach">
      {phone && (tel ? <a href={tel}>{phone}</a> : <span>{phone}</span>)}
      {phone && <For value={at.facts.phone} />}
      {further(false).map((c) => (
        <ContactLink key={c.id} contact={c} />
      ))}
      {mail && <a href={`mailto:${mail}`}>{mail}</a>}
      {mail && <For value={mail} />}
      {further(true).map((c) => (
        <ContactLink key={c.id} contact={c} />
      ))}
    </p>
  );
}
function ContactLink({ contact: { value, what } }: { contact: Surroundings['contacts'][number] }) {
  const href = value.includes('@') ? `mailto:${value}` : telUri(value);
  return (
    <>
      {href ? <a href={href}>{value}</a> : <span>{value}</span>}
      {what && <small class="what">{what}</small>}
    </>
  );
}

/** What there is to say of a place beside the main one. */
function BranchLines({ branch }: { branch: Surroundings['branches'][number] }) {
  const { address, phone, hours } = branch;
  const tel = telUri(phone);
  return (
    <>
      {address && (
        <address>
          <Lines text={address.replace(/,\s*/g, ',\n')} />
        </address>
      )}
      {phone && <p class="reach">{tel ? <a href={tel}>{phone}</a> : <span>{phone}</span>}</p>}
      {hours.length > 0 && (
        <p>
          <Lines text={hours.join('\n')} />
        </p>
      )}
    </>
  );
}

/** The places beside the main one, a block each. */
export function Branches({ at }: { at: Surroundings }) {
  return (
    <>
      {at.branches.map((b) => (
        <div key={b.id}>
          <Sub at={at}>{b.name}</Sub>
          <BranchLines branch={b} />
        </div>
      ))}
    </>
  );
}

/** The numbers the business is registered under. */
export function Registered({ at }: { at: Surroundings }) {
  const { registrations } = at.facts;
  return registrations.length ? <p class="registered">{registrations.join(' · ')}</p> : null;
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

/** A text in a list of texts. */
type ListedText = Text & { id: string };

/** The points of a feature, a price or the like, each with a tick. */
export function Ticks({ at, points, path }: { at: Surroundings; points: readonly ListedText[]; path: string }) {
  if (!points.length) return null;
  return (
    <ul class="ticks">
      {points.map((p, n) => (
        <li key={n}>
          <Icon name="check" at={at} />
          <Words as="span" text={p} at={at} path={`${path}.${p.id}`} />
        </li>
      ))}
    </ul>
  );
}

/** Short points in a run, with dots between them. */
export function SmallPrint({ at, points, path }: { at: Surroundings; points: readonly ListedText[]; path: string }) {
  if (!points.length) return null;
  return (
    <p class="small-print">
      {points.map((p, n) => (
        <Words as="span" text={p} at={at} path={`${path}.${p.id}`} key={n} />
      ))}
    </p>
  );
}

/** Where, when, how to reach it and the way there, as terms and what they say. */
export function VisitFacts(props: {
  at: Surroundings;
  way: readonly { id: string; name: Text; text: Text }[];
  class?: string;
}) {
  const { at, way } = props;
  const { words, hours, phone, facts } = at;
  return (
    <dl class={props.class}>
      {facts.address && (
        <div>
          <dt>{words.address}</dt>
          <dd>
            <Address at={at} />
          </dd>
        </div>
      )}
      {hours.length > 0 && (
        <div>
          <dt>{words.open}</dt>
          <dd>
            <Lines text={hours.join('\n')} />
          </dd>
        </div>
      )}
      {(phone || facts.mail || at.contacts.length > 0) && (
        <div>
          <dt>{words.reach}</dt>
          <dd>
            <Reach at={at} all />
          </dd>
        </div>
      )}
      {at.branches.map((b) => (
        <div key={b.id}>
          <dt>{b.name}</dt>
          <dd>
            <BranchLines branch={b} />
          </dd>
        </div>
      ))}
      {way.map((w, n) => (
        <div key={n}>
          <Words as="dt" text={w.name} at={at} path={`way.${w.id}.name`} />
          <Words as="dd" text={w.text} at={at} path={`way.${w.id}.text`} />
        </div>
      ))}
    </dl>
  );
}

/** A table that scrolls by itself where it is wider than the page. */
export function ScrollTable(props: {
  at: Surroundings;
  content: {
    heading: Text;
    columns: readonly ListedText[];
    rows: readonly { id: string; cells: readonly ListedText[] }[];
  };
}) {
  const { at, content } = props;
  return (
    <div class="scroll" tabindex={0} role="group" aria-label={content.heading.value || at.facts.name}>
      <table>
        <thead>
          <tr>
            {content.columns.map((c, n) => (
              <th scope="col" key={n} {...at.part(`columns.${c.id}`)}>
                {c.value || '–'}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {content.rows.map((row, r) => (
            <tr key={r}>
              {row.cells.slice(0, content.columns.length).map((cell, n) => (
                <Words
                  as="td"
                  text={cell.value ? cell : { ...cell, value: '–' }}
                  at={at}
                  path={`rows.${row.id}.cells.${cell.id}`}
                  key={n}
                />
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
