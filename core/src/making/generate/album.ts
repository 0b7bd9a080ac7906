import type { LanguageTag } from '../../language/registry.gen.js';
import type { Facts, Medium, Picture, Text } from '../../model/site.js';
import { recipeFrom, sayPicture, subjectsIn } from '../../look/pictures/draw.js';
import type { TradePack } from '../../brief/trades/pack.js';
import { shortHash } from '../../ground/random.js';

const nothing: Text = { value: '', from: { kind: 'designer' } };

/** Subjects that say nothing of a trade: what a place looks like, and shapes. */
const PLACES = ['terrace', 'door', 'window', 'house', 'tree'];
const BY_THE_SEA = ['lighthouse', 'gull'];
const SHAPES = ['strata', 'arcs', 'drift', 'blocks', 'pebbles'];
const SEA =
  /(?<!\p{L})(?:sea|coast|harbour|harbor|quay|beach|port|island|hafen|meer|küste|insel|strand|mer|côte|plage|île|quai|mar|costa|playa|puerto|isla|muelle)(?!\p{L})/iu;
/** The pictures a version of a site is given: made to fit its services, its trade and its place, none twice where it can be helped. */
export class Album {
  readonly media: Medium[] = [];
  private readonly used = new Set<string>();
  private readonly seed: number;
  constructor(
    private readonly facts: Facts,
    private readonly pack: TradePack,
    seed: number,
  ) {
    this.seed = (seed * 31 + parseInt(shortHash(facts.name).slice(0, 5), 16)) % 1000000;
  }

  private put(subject: string, words: string, offset: number): string {
    const id = `made-${subject}${this.media.some((m) => m.id === `made-${subject}`) ? `-${this.media.length}` : ''}`;
    this.used.add(subject);
    const recipe = { ...recipeFrom('', this.seed + offset * 17), subject };
    this.media.push({ id, kind: 'made', title: words.slice(0, 120) || subject, recipe });
    return id;
  }
  /** Subjects that are surely of the trade: those it is known by, and those its services name. */
  private ofTrade(): string[] {
    const { facts, pack } = this;
    const named = subjectsIn(facts.services.map((s) => s.name).join(', ')).filter((s) => pack.subjects.includes(s));
    return [...named, ...pack.subjects];
  }
  private fresh = (subject: string) => !this.used.has(subject);
  /**
   * A picture for what a service is called; none where it is not sure what that looks like: a picture that says nothing is
   * worse than none, and one of the wrong thing worse still. Beside its words it is decoration.
   */
  of(words: string): Picture {
    // “Tableware” is no table: of what the words call for, only what the trade is known by.
    const called = subjectsIn(words).filter((s) => this.pack.subjects.includes(s));
    const subject = [...called, ...this.ofTrade()].find(this.fresh);
    return { media: subject ? this.put(subject, words, this.media.length) : '', alt: nothing };
  }
  /** A picture of the trade, or of the kind of place it is. */
  ofTheTrade(): Picture {
    const subject = this.ofTrade().find(this.fresh);
    return subject ? { media: this.put(subject, this.pack.noun, this.media.length), alt: nothing } : this.place();
  }
  /** The first picture of the home page: the trade at its most telling, said in words. */
  opening(language: LanguageTag): Picture {
    const subject = this.ofTrade()[0] ?? SHAPES[this.seed % SHAPES.length]!;
    const media = this.put(subject, this.ofTrade().length ? this.pack.noun : '', 0);
    const { recipe } = this.media.at(-1) as Medium & { kind: 'made' };
    const alt = sayPicture(recipe, language);
    return {
      media,
      alt: alt ? { value: alt, from: { kind: 'pack', line: `picture/${subject}`, claim: false } } : nothing,
    };
  }
  /** A picture of the kind of place it is. */
  place(): Picture {
    const { place, address, name } = this.facts;
    const all = [...PLACES, ...(SEA.test(`${name} ${place} ${address}`) ? BY_THE_SEA : []), ...SHAPES];
    const subject =
      all.find((s, n) => this.fresh(s) && (this.seed + n) % 3 !== 0) ?? all.find(this.fresh) ?? PLACES[0]!;
    return { media: this.put(subject, '', this.media.length + 3), alt: nothing };
  }
}
