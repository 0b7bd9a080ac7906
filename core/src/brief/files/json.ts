/** Keys whose value is what something is called, asked, answered or costs, in four languages. */
const CALLED =
  /^(?:name|title|service|product|item|what|label|nick|bezeichnung|titel|leistung|produkt|artikel|was|nom|titre|prestation|produit|nombre|título|titulo|servicio|producto|concepto|artículo|articulo)$/i;
const COSTS =
  /^(?:price|cost|rate|fee|amount|charge|preis|kosten|betrag|prix|tarif|coût|montant|precio|tarifa|importe|coste)s?\b/i;
const ASKED =
  /^(?:question|q|k|key|label|field|title|name|prompt|frage|feld|champ|question_text|pregunta|campo|libelle|libellé)$/i;
const ANSWERED = /^(?:answer|a|v|value|response|text|reply|antwort|wert|réponse|reponse|valeur|respuesta|valor)$/i;
/** What forms send along that nobody wrote. */
const OF_MACHINES =
  /^(?:_.*|id|uuid|token|csrf.*|captcha.*|honeypot|submi\w*|created\w*|updated\w*|timestamp|form\w*_?id|form_?version|version|ip|user_?agent|locale|status|consent\w*|gdpr\w*|dsgvo\w*|rgpd\w*|referrer|utm_.*|eingegangen|formular|schema|\$schema|\$id)$/i;
const STAMP = /^\d{4}-\d\d-\d\d(?:[T ]\d\d:\d\d.*)?$|^[0-9a-f]{8}-[0-9a-f-]{27}$/i;

/** A key as words: `f05_gruendungJahr` is “Gruendung Jahr”. */
function wordsOfKey(key: string): string {
  const words = key
    .replace(/\.(?=\S)/g, ' ')
    .replace(/^[a-z]{0,2}\d{1,3}[a-z]?[_-]/i, '')
    .replace(/([a-zà-ÿ])([A-ZÀ-Þ])/g, '$1 $2')
    .replace(/[_-]+/g, ' ')
    .trim();
  return words ? words[0]!.toUpperCase() + words.slice(1) : key;
}

const isScalar = (v: unknown): v is string | number => typeof v === 'string' || typeof v === 'number';
const oneLine = (v: string | number) => String(v).replace(/\r/g, '').trim();

/** A question and its answer where an entry of a list is one, whatever its keys are called. */
function asked(entry: Record<string, unknown>): [string, unknown][] | null {
  const keys = Object.keys(entry);
  const pairs: [string, unknown][] = [];
  for (const n of ['', '2', '3']) {
    const q = keys.find((k) => (n ? k.endsWith(n) : !/\d$/.test(k)) && ASKED.test(k.replace(/\d$/, '')));
    const a = keys.find((k) => (n ? k.endsWith(n) : !/\d$/.test(k)) && ANSWERED.test(k.replace(/\d$/, '')));
    if (q !== undefined && a !== undefined && q !== a && isScalar(entry[q])) pairs.push([String(entry[q]), entry[a]]);
  }
  return pairs.length ? pairs : null;
}

/** An entry of a list of things as a line: what it is called, what it costs, then the rest. */
function lineOf(entry: Record<string, unknown>): string {
  const parts = Object.entries(entry).filter(([, v]) => isScalar(v) && oneLine(v) !== '') as [
    string,
    string | number,
  ][];
  const name = parts.find(([k]) => CALLED.test(k)) ?? parts[0];
  if (!name) return '';
  const price = parts.find(([k]) => COSTS.test(k));
  const rest = parts.filter((p) => p !== name && p !== price && !OF_MACHINES.test(p[0])).map(([, v]) => oneLine(v));
  const nested = Object.values(entry)
    .filter((v): v is unknown[] => Array.isArray(v))
    .flatMap((v) => v.filter(isScalar).map(oneLine));
  return `- ${oneLine(name[1])}${price ? `, ${oneLine(price[1])}` : ''}${rest.length || nested.length ? `: ${[...rest, ...nested].join('; ')}` : ''}`;
}

/**
 * A form somebody filled in, sent on as JSON of whatever shape, as labelled lines: keys and questions become labels, lists
 * become lists, what machines put in is left out. `value` is what was parsed.
 */
export function textOfJson(value: unknown): string {
  const out: string[] = [];
  const put = (label: string, v: unknown, depth: number): void => {
    if (v === null || typeof v === 'boolean' || v === '' || depth > 12) return;
    const key = wordsOfKey(label);
    if (isScalar(v)) {
      const text = oneLine(v);
      if (!text || STAMP.test(text)) return;
      out.push(text.includes('\n') ? `${key}:\n${text}\n` : label.endsWith('?') ? `${key} ${text}` : `${key}: ${text}`);
    } else if (Array.isArray(v)) list(key, v, depth);
    else {
      if (label) out.push('', `## ${key}`);
      object(v as Record<string, unknown>, depth);
      if (label) out.push('');
    }
  };
  const list = (key: string, v: unknown[], depth: number) => {
    const entries = v.filter((e) => e !== null && e !== '');
    const pairs = entries.map((e) =>
      typeof e === 'object' && !Array.isArray(e) ? asked(e as Record<string, unknown>) : null,
    );
    if (entries.length && pairs.every(Boolean)) {
      for (const pair of pairs) for (const [q, a] of pair!) put(q, a, depth + 1);
      return;
    }
    if (key) out.push('', `${key}:`);
    for (const e of entries)
      if (isScalar(e)) out.push(`- ${oneLine(e).replace(/\n+/g, ' ')}`);
      else if (Array.isArray(e)) list('', e, depth + 1);
      else if (typeof e === 'object') {
        const line = lineOf(e as Record<string, unknown>);
        if (line) out.push(line);
        for (const [k, inner] of Object.entries(e as Record<string, unknown>))
          if (typeof inner === 'object' && inner !== null && !(Array.isArray(inner) && inner.every(isScalar)))
            put(k, inner, depth + 1);
      }
    out.push('');
  };
  const object = (o: Record<string, unknown>, depth: number) => {
    for (const [k, v] of Object.entries(o)) if (!OF_MACHINES.test(k.split('.').at(-1)!)) put(k, v, depth + 1);
  };
  if (Array.isArray(value)) list('', value, 0);
  else if (typeof value === 'object' && value !== null) object(value as Record<string, unknown>, 0);
  else if (isScalar(value)) out.push(oneLine(value));
  return out
    .join('\n')
    .replace(/\n{3,}/g, '\n\n')
    .trim();
}
