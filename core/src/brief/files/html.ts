import { Parser } from 'htmlparser2';
import { rowLine } from './table.js';

const BLOCK =
  /^(?:address|article|aside|blockquote|br|dd|div|dl|dt|fieldset|figcaption|footer|form|h[1-6]|header|hr|li|main|nav|ol|p|pre|section|table|tr|ul|font|center|marquee)$/;
const SILENT = /^(?:script|style|noscript|template|svg|iframe|select|option|button|textarea|nav|dialog)$/;
/** Parts of a page that are not the business: banners, menus, baskets, what others share and sell. */
const FURNITURE =
  /(?:^|[\s_-])(?:cookies?|consent|gdpr|banner-?cookie|nav(?:bar|igation)?|menu|breadcrumbs?|basket|cart|warenkorb|panier|login|signin|share|sharing|social-?(?:share|buttons)|newsletter|popup|modal|overlay|skip-?link|pagination|search-?form|counter|advert\w*)(?:$|[\s_-])/i;
/** Headings of what a shop shows beside its page: what was looked at, bought by others, left in a basket. */
const SHOP_BESIDE =
  /^#+ (?:recently (?:viewed|bought)|you (?:may|might) also (?:like|need)|related (?:products|items|posts|articles)|(?:customers|people|others) (?:also|who)|top sellers|best ?sellers|(?:your )?basket|zuletzt angesehen|das könnte (?:sie|dich|ihnen)|kunden kauften|ähnliche (?:artikel|produkte)|(?:récemment|derniers) (?:vus?|consultés?)|vous aimerez|produits (?:similaires|associés)|vistos? recientemente|también te|productos relacionados)/i;
/** Lines without what stands under such a heading, to the next heading or the foot of the page. */
function withoutShop(lines: readonly string[]): string[] {
  let beside = false;
  return lines.filter((l) => {
    if (/^#+ |^©|^\(c\) |^copyright/i.test(l)) beside = SHOP_BESIDE.test(l);
    return !beside;
  });
}
const VOID = /^(?:area|base|br|col|embed|hr|img|input|link|meta|source|track|wbr)$/;
/** Notes somebody left in a page for who makes it anew. */
const NOTE = /(?:^|[\s_-])(?:note|notes|todo|intern|internal|kommentar|comment|remarque|nota)(?:$|[\s_-])/i;

const DAY: Record<string, string> = { Mo: 'Mon', Tu: 'Tue', We: 'Wed', Th: 'Thu', Fr: 'Fri', Sa: 'Sat', Su: 'Sun' };

/** What a page says of its business in structured data (schema.org JSON-LD), as labelled lines. */
function structured(json: string): string[] {
  let data: unknown;
  try {
    data = JSON.parse(json);
  } catch {
    return [];
  }
  const all = [data]
    .flat()
    .flatMap((d) => ((d as { '@graph'?: unknown[] } | null)?.['@graph'] ?? d) as unknown) as Record<string, unknown>[];
  const lines: string[] = [];
  for (const one of all) {
    if (typeof one !== 'object' || one === null || !('telephone' in one || 'address' in one || 'openingHours' in one))
      continue;
    const text = (v: unknown) => (typeof v === 'string' || typeof v === 'number' ? String(v).replace(/\s+/g, ' ') : '');
    const address = one['address'] as Record<string, unknown> | string | undefined;
    const parts =
      typeof address === 'object'
        ? ['streetAddress', 'addressLocality', 'postalCode']
            .map((k) => text(address[k]))
            .filter(Boolean)
            .join(', ')
        : text(address);
    const labelled: [string, string][] = [
      ['Name', text(one['name'])],
      ['Phone', text(one['telephone'])],
      ['Mail', text(one['email']).replace(/^mailto:/, '')],
      ['Address', parts],
      [
        'Hours',
        [one['openingHours'] ?? []]
          .flat()
          .map((h) => text(h).replace(/\b(?:Mo|Tu|We|Th|Fr|Sa|Su)\b/g, (d) => DAY[d]!))
          .join(', '),
      ],
      ['Founded', text(one['foundingDate']).slice(0, 4)],
    ];
    lines.push(...labelled.filter(([, v]) => v).map(([k, v]) => `${k}: ${v}`));
  }
  return lines;
}

const HOME = /^(?:home|homepage|start(?:seite)?|accueil|inicio|welcome|index|willkommen|bienvenue)$/i;
/** The business in the title of a page: of “Home | Wren Clocks” the second part. */
const nameOfTitle = (title: string): string =>
  title
    .split(/\s+[–|—·»:-]\s+/)
    .map((p) => p.trim())
    .filter((p) => p && !HOME.test(p))
    .at(0)
    ?.replace(/^(?:welcome to|willkommen (?:bei|beim|in)|bienvenue (?:à|chez|au)|bienvenidos? a)\s+/i, '') ?? '';

/** A comment somebody wrote to whoever makes the page anew, and not one of a program: sentences, no code. */
const isProse = (comment: string): boolean =>
  comment.split(/\s+/).length >= 10 &&
  /[.!?](?:\s|$)/.test(comment) &&
  !/[{}<>;=]|\bendif\b|https?:\/\/\S+\.(?:js|css)/.test(comment);

/**
 * The text of a saved web page: headings, paragraphs, lists and tables as lines, numbers and addresses of its links kept,
 * without menus, banners, baskets and what a shop shows beside it; of
 * comments those in which somebody says something.
 */
export function textOfHtml(html: string): string {
  let out = '';
  let title = '';
  let inTitle = false;
  let silent = 0;
  let json: string | null = null;
  let headed = false;
  let cells: string[] | null = null;
  const open: boolean[] = [];
  const extra: string[] = [];
  const comments: string[] = [];
  const line = () => {
    if (out && !out.endsWith('\n')) out += '\n';
  };
  const say = (text: string) => {
    if (cells?.length) cells[cells.length - 1] += text;
    else out += text;
  };
  const parser = new Parser({
    onopentag(name, attributes) {
      if (name === 'script' && /ld\+json/.test(attributes['type'] ?? '')) json = '';
      const about = `${attributes['class'] ?? ''} ${attributes['id'] ?? ''} ${attributes['role'] ?? ''}`;
      const hides = SILENT.test(name) || FURNITURE.test(about) || 'hidden' in attributes;
      if (!VOID.test(name)) {
        open.push(hides);
        if (hides) silent++;
      }
      if (silent) return;
      if (name === 'title' && !title) inTitle = true;
      if (name === 'meta' && /^description$/i.test(attributes['name'] ?? '') && attributes['content'])
        extra.push(attributes['content']);
      if (name === 'tr') {
        line();
        cells = [];
      } else if ((name === 'td' || name === 'th') && cells) cells.push('');
      else if (name === 'br' && cells?.length) say(' · ');
      else if (BLOCK.test(name) && !cells?.length) line();
      if (NOTE.test(about) && !cells) out += 'Note: ';
      if (name === 'h1' && !headed) {
        out += '\n# ';
        headed = true;
      } else if (/^h[1-6]$/.test(name)) out += '\n## ';
      if (name === 'li' && !cells?.length) out += '- ';
      const href = attributes['href'] ?? '';
      if (/^(?:tel|mailto):/i.test(href)) {
        const said = decoded(href.replace(/^(?:tel|mailto):/i, '').replace(/\?.*$/, ''));
        const digits = said.replace(/\D/g, '').slice(-7);
        if (
          !html.includes(`>${said}<`) &&
          !(
            digits.length === 7 &&
            html
              .replace(/[^\d>]/g, '')
              .replaceAll(`${said.replace(/\D/g, '')}`, '')
              .includes(digits)
          )
        )
          extra.push(said);
      }
    },
    ontext(text) {
      if (json !== null) json += text;
      else if (inTitle) title += text;
      else if (!silent) say(text.replace(/\s+/g, ' '));
    },
    oncomment(data) {
      if (isProse(data)) comments.push(data.trim().replace(/[ \t]+/g, ' '));
    },
    onclosetag(name) {
      if (name === 'script' && json !== null) {
        extra.unshift(...structured(json));
        json = null;
      }
      if (!VOID.test(name) && open.pop()) silent--;
      if (name === 'title') inTitle = false;
      if (silent) return;
      if (name === 'tr' && cells) {
        const there = cells.filter((c) => c.trim());
        // A row of one cell is layout, not a table.
        out += there.length > 1 ? rowLine(cells) : (there[0] ?? '').replace(/ · /g, '\n');
        cells = null;
        line();
      } else if (BLOCK.test(name) && !cells?.length) {
        line();
        if (/^(?:p|table|ul|ol|h[1-6]|section)$/.test(name)) out += '\n';
      }
    },
  });
  parser.write(html);
  parser.end();
  const lines = out
    .split('\n')
    .map((l) => l.trim())
    .filter((l) => !/^(?:-|#+|Note:|\|[\s|]*\|)$/.test(l));
  const body = withoutShop(lines)
    .join('\n')
    .replace(/\n{3,}/g, '\n\n')
    .trim();
  const name = nameOfTitle(title);
  const labelled = extra.filter((l) => /^\w+: /.test(l)).join('\n');
  return [
    labelled,
    !name || /^Name: /m.test(labelled) ? '' : headed ? `Page title: ${name}` : `# ${name}`,
    extra.filter((l) => !/^\w+: /.test(l)).join('\n'),
    body,
    ...comments,
  ]
    .filter(Boolean)
    .join('\n\n');
}

const decoded = (v: string): string => {
  try {
    return decodeURIComponent(v);
  } catch {
    return v;
  }
};
