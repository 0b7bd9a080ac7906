import type { Language } from '../../language/language.js';
import { languages } from '../../language/registry.gen.js';
import type { Family } from '../../model/family.js';
import { tradeHits, tradesSpread, tradesWith, tradeTokens, type TradeHit } from './lexicon.js';
import { packNamed } from './packs.js';

/** Where a stretch that may speak for a trade stands. */
export type Standing = 'name' | 'said' | 'heading' | 'list' | 'label' | 'first' | 'text';

/** A stretch of a text, where it stands, what it is there for, and how much what it says counts. */
export interface Evidence {
  text: string;
  standing: Standing;
  role: string;
  weight: number;
}

/** A trade that a text may be of, with what speaks for it as features. */
export interface TradeCandidate {
  id: string;
  /** What it is called there; empty where only what it works on is met. */
  said: string;
  features: string[];
}

/** Words before a trade by which somebody says that it is their own. */
const OWN =
  /(?:^|[\s,(])(?:i am|i'm|we are|we're|am|as|been|run|runs|own|owns|work as|trade as|ich bin|wir sind|bin|sind|als|betreibe|betreiben|führe|führen|je suis|nous sommes|suis|sommes|comme|tiens|tenons|soy|somos|como|llevo|llevamos|tengo)(?: an?| the| eine?| un| une| una| el| la| le| gelernte[rn]?| freie[rn]?| small| little| petite?| pequeñ[oa])*(?: (?!\d)\S+)?$/;
/** Words before a trade that is somebody else’s. */
const OTHERS =
  /(?:^|\s)(?:next (?:door )?to|opposite|beside|behind|above|near|nearest|former|formerly|old|used to be(?: an?)?|was an?|like an?|not an?|no|my|his|her|your|their|another|husband|wife|brother|sister|father|mother|neben(?: de[mr])?|gegenüber(?: vo[nm])?|früher(?:e[nr]?)?|ehemalige[nrs]?|mein(?:e[nmr]?)?|kein(?:e[nr]?)?|à côté (?:de|du)|en face (?:de|du)|ancien(?:ne)?|mon|ma|junto a(?: la)?|al lado de|enfrente de|antigu[oa]|mi|tu)(?: an?| the| l[ao]| el| de[rnm]| du| de)?$/;
/** Words before those one works for, or buys from. */
const FOR_OTHERS =
  /(?:^|\s)(?:for|to|by|with|from|supply|supplies|für|mit|von|bei|pour|aux?|chez|avec|para|con|de)(?: other| local| all| many| our| the| an?| die| den| les?| des| los| las| el| la| un| une| einen?)*$/;
/** A thing and what it is part of: the lifeboats of a museum, the bees of a club. */
const GOES_ON =
  /^(?:museum|club|society|association|group|school|shop|supplies|hire|festival|fair|trust|charity|guild|friends|project|show|centre|center|day|week|equipment|parts|tools|magazine|company|verein|laden|verleih|bedarf)$/;
const WORTH = { name: 1, service: 0.5, thing: 0.4 };
/** What a single word is worth that is part of a trade’s words. */
const WORD = 0.4;
/** What the words of a trade’s name are worth where they stand apart in one sentence. */
const SPREAD = 0.7;
/** What a trade is called in another language is often a word of this one: a cave is no cellar. */
const OTHER_LANGUAGE = 0.4;
/** How much a trade gains where everything that is said to be done is done in its family. */
const LEAN = 0.8;
/** So many of the likeliest are looked at closely. */
const LOOKED_AT = 12;

/** Words in the name of a business that say of what kind it is, by family. */
const KINDS: Partial<Record<Family, RegExp>> = {
  club: /club|society|association|union|band\b|choir|group|team|trust|friends|verein|gruppe|chor\b|kapelle|feuerwehr|société|amicale|comité|association|asociación|peña|grupo|coro\b|sociedad|amigos/iu,
  culture:
    /museum|theatre|theater|hall\b|library|railway|festival|bücherei|bahn\b|musée|médiathèque|fête|museo|teatro|biblioteca|fiesta/iu,
  shop: /shop|stores?\b|supplies|merchant|emporium|outlet|laden|handel|handlung|markt|magasin|boutique|comptoir|librairie|épicerie|tienda|librería|bazar|almacén/iu,
  transport:
    /hire|rental|ferry|transport|haulage|storage|verleih|vermietung|fähre|spedition|location|transports|passeur|alquiler|transporte/iu,
  stay: /cottages?|guest|hotel|inn\b|lodge|camp|hostel|b&b|pension|gasthof|ferien|gîte|chambres|auberge|hôtel|casa rural|hostal|posada/iu,
  office:
    /solicitors?|accountan|architect|survey|consult|bureau|office|partners|associates|kanzlei|büro|ingenieur|cabinet|étude|notaires?|gestoría|asesor|despacho|estudio/iu,
  food: /farm|orchard|brewery|vineyard|dairy|mill\b|honey|hof\b|kellerei|brauerei|käserei|imkerei|ferme|verger|domaine|brasserie|miellerie|granja|bodega|quesería|almazara|miel/iu,
  land: /garden|tree|forest|nurser|landscap|stables?|kennels|gärtner|forst|baum|jardin|pépinière|élagage|écurie|jardín|vivero|podas/iu,
  repair: /repair|restor|mend|clinic|service|garage|reparatur|restaur|répar|taller|repara/iu,
  craft:
    /works?\b|makers?|pottery|forge|joinery|bindery|studio|manufaktur|werkstatt|tischlerei|schmiede|atelier|poterie|menuiserie|forge|taller|alfarería|herrería/iu,
  building:
    /build|roof|plumb|electric|heating|plaster|paint|bau\b|dach|sanitär|elektro|couverture|plomberie|maçonnerie|construcc|reformas|fontanería/iu,
  person:
    /school|lessons|salon|clinic|practice|care|undertaker|funeral|schule|salon|praxis|pflege|école|cours|salon|cabinet|escuela|clases|peluquería|clínica/iu,
};

/** A feature for each edge that a value reaches. */
const reaches = (what: string, value: number, ...edges: number[]): string[] =>
  edges.flatMap((e) => (value >= e ? [`${what}>=${e}`] : []));

type FamiliesOf = (word: string) => ReadonlySet<string>;
const NONE: ReadonlySet<string> = new Set();
const asked = new Map<Language, FamiliesOf>();
/** The families in which something is done that a word says, in a language. */
function doneIn(language: Language): FamiliesOf {
  const known = asked.get(language);
  if (known) return known;
  const there = Object.values(languages).find((l) => l.reading === language)!;
  const verbs = Object.entries(there.families).flatMap(([family, words]) =>
    words.verbs.split(' ').flatMap((verb) => (verb ? [{ family, verb }] : [])),
  );
  // Every verb is looked up by how it begins: a text has thousands of words.
  const least = Math.min(...verbs.map((v) => v.verb.length));
  const byStart = new Map<string, typeof verbs>();
  for (const v of verbs) {
    const start = v.verb.slice(0, least);
    byStart.set(start, [...(byStart.get(start) ?? []), v]);
  }
  const familiesOf: FamiliesOf = (word) => {
    const near = byStart.get(word.slice(0, least))?.filter((v) => word.startsWith(v.verb));
    return near?.length ? new Set(near.map((v) => v.family)) : NONE;
  };
  asked.set(language, familiesOf);
  return familiesOf;
}

/** How much of what is said to be done is done in each family, 0 to 1: to mend clocks is another trade than to sell them. */
function leaning(evidence: readonly Evidence[], families: FamiliesOf): Map<string, number> {
  const counts = new Map<string, number>();
  let all = 0;
  for (const { text, weight } of evidence)
    for (const word of text.toLowerCase().match(/[\p{L}-]{3,}/gu) ?? [])
      for (const family of families(word)) {
        counts.set(family, (counts.get(family) ?? 0) + weight);
        all += weight;
      }
  return new Map([...counts].map(([family, n]) => [family, n / all]));
}

interface Tally {
  score: number;
  whole: boolean;
  /** What it is called there, by how much each counts. */
  said: Map<string, number>;
  words: Record<TradeHit['kind'], Set<string>>;
  names: number;
  longest: number;
  /** Its things to which something is done that its family does. */
  done: Set<string>;
  /** Ways and places in which it is met. */
  met: Set<string>;
  at: number;
}

/** Every trade a text may be of, the likeliest first, each with what speaks for it. */
export function tradeCandidates(evidence: readonly Evidence[], language: Language): TradeCandidate[] {
  const tallies = new Map<string, Tally>();
  const seen = new Map<string, number>();
  const of = (id: string): Tally => {
    let t = tallies.get(id);
    if (!t)
      tallies.set(
        id,
        (t = {
          score: 0,
          whole: false,
          said: new Map(),
          words: { name: new Set(), thing: new Set(), service: new Set() },
          names: 0,
          longest: 0,
          done: new Set(),
          met: new Set(),
          at: Infinity,
        }),
      );
    return t;
  };
  /** The same words again say less each time. */
  const again = (key: string) => {
    const times = seen.get(key) ?? 0;
    seen.set(key, times + 1);
    return 1 / (1 + times);
  };
  const families = doneIn(language);
  evidence.forEach(({ text, standing, role, weight }, n) => {
    const tokens = tradeTokens(text);
    const done = tokens.map((t) => (t.length > 2 ? families(t) : undefined));
    for (const { id, kind, words, at, length, shared, language: its } of tradeHits(tokens, language)) {
      const before = tokens.slice(Math.max(0, at - 5), at).join(' ');
      const t = of(id);
      let own = 1;
      t.whole = true;
      t.words[kind].add(words);
      if (kind === 'name') {
        const who = OTHERS.test(before) ? 'others' : OWN.test(before) ? 'own' : 'plain';
        own = { others: 0.2, own: 4, plain: 1 }[who] * (its === language ? 1 : OTHER_LANGUAGE);
        const foreign = its === language ? '' : ' foreign';
        t.met.add(`${standing} ${who}${foreign}`).add(`role ${role}${foreign}`);
        if (FOR_OTHERS.test(before)) t.met.add('for others');
        else t.met.add('not for others');
        t.met.add(GOES_ON.test(tokens[at + length] ?? '') ? 'goes on' : 'ends there');
        if (at === 0) t.met.add('begins');
        t.names++;
        t.longest = Math.max(t.longest, length);
        t.at = Math.min(t.at, n);
        t.said.set(words, (t.said.get(words) ?? 0) + weight * own);
      } else {
        t.met.add(`${kind} ${standing}`);
        // “Clocks mended”, “we sell clocks”: what is done to a thing, a few words off.
        const family = packNamed(id).family ?? '';
        if (done.slice(Math.max(0, at - 5), at + length + 4).some((f) => f?.has(family))) t.done.add(words);
      }
      t.score += ((weight * own * WORTH[kind] * (1 + 0.4 * (length - 1))) / shared) * again(`${id} ${words}`);
    }
    const spread = tradesSpread(tokens, language);
    for (const id of spread) {
      const t = of(id);
      t.whole = true;
      t.score += (weight * SPREAD * again(`${id} spread`)) / Math.min(3, spread.size);
      t.met.add('spread').add(`spread ${standing}`);
    }
    for (const token of tokens) {
      const trades = tradesWith(token, language);
      for (const id of trades) of(id).score += (weight * WORD * again(`${id} ${token}`)) / trades.size;
    }
  });
  const lean = leaning(evidence, families);
  for (const [id, t] of tallies) t.score *= 1 + LEAN * (lean.get(packNamed(id).family ?? '') ?? 0);
  // Single words bear out a trade; alone they name none.
  const ranked = [...tallies].filter(([, t]) => t.whole).sort((a, b) => b[1].score - a[1].score);
  const top = ranked.slice(0, LOOKED_AT);
  const best = top[0]?.[1].score ?? 0;
  const all = top.reduce((sum, [, t]) => sum + t.score, 0);
  const name = evidence
    .filter((e) => e.standing === 'name')
    .map((e) => e.text)
    .join(' ');
  const kinds = Object.entries(KINDS).flatMap(([family, words]) => (words.test(name) ? [family] : []));
  return top.map(([id, t], rank) => {
    const family = packNamed(id).family ?? '';
    const other = top[rank ? 0 : 1]?.[1].score ?? 0;
    return {
      id,
      said: [...t.said].sort((a, b) => b[1] - a[1])[0]?.[0] ?? '',
      features: [
        'trade',
        ...reaches('rank', rank, 1, 2, 4),
        ...reaches('share', t.score / best, 0.3, 0.5, 0.7, 0.9),
        ...reaches('lead', t.score / (t.score + other), 0.3, 0.5, 0.6, 0.7, 0.8, 0.9),
        ...reaches('of all', t.score / all, 0.2, 0.3, 0.4, 0.5, 0.65, 0.8),
        ...reaches('score', t.score, 1, 2, 3, 5, 8, 12),
        ...reaches('names', t.words.name.size, 1, 2, 3),
        ...reaches('things', t.words.thing.size, 1, 2, 3),
        ...reaches('services', t.words.service.size, 1, 2, 3),
        ...reaches('done', t.done.size, 1, 2, 3),
        ...reaches('met', t.names, 2, 3, 5),
        ...reaches('long', t.longest, 2, 3),
        ...reaches('lean', lean.get(family) ?? 0, 0.01, 0.3, 0.6),
        ...reaches('at', t.names ? t.at : 0, 2, 4, 8, 16),
        kinds.length ? `kind of name:${kinds.includes(family)}` : 'kind of name:none',
        ...(kinds.includes('club') && family !== 'club' && family !== 'culture' ? ['of a club'] : []),
        ...[...t.met].map((m) => `met ${m}`),
        ...(t.words.name.size && t.words.thing.size ? ['name and thing'] : []),
        ...(t.words.name.size && t.words.service.size ? ['name and service'] : []),
      ],
    };
  });
}

/** What speaks for a text being of none of the trades it may be of. */
export function noneOf(candidates: readonly TradeCandidate[]): string[] {
  const has = (feature: RegExp) => candidates.filter((c) => c.features.some((f) => feature.test(f))).length;
  return [
    'none',
    ...reaches('none own', has(/^met \w+ own$/), 1),
    ...reaches('none named', has(/^met (?:name|said) /), 1),
    ...reaches('none called', has(/^names>=1/), 1, 3),
    ...reaches('none of', candidates.length, 2, 5, 9),
    ...['score>=2', 'score>=5', 'score>=8'].flatMap((f) => (has(new RegExp(`^${f}$`)) ? [`none ${f}`] : [])),
  ];
}
