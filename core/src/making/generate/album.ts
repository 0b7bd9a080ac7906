import type { LanguageTag } from '../../language/registry.gen.js';
import type { Facts, Medium, Picture, Text } from '../../model/site.js';
import { recipeFrom, sayPicture, subjectsIn } from '../../look/pictures/draw.js';
import type { TradePack } from '../../brief/trades/pack.js';
import { shortHash } from '../../ground/random.js';

const nothing: Text = { value: '', from: { kind: 'designer' } };

/** The subjects that stand for a scene of a trade pack. */
const SCENE_SUBJECTS: Record<string, readonly string[]> = {
  boat: ['boat', 'dinghy', 'rope', 'anchor', 'planks'],
  clock: ['clock', 'gears', 'watch', 'pen'],
  pot: ['pot', 'jug', 'bowl', 'vase', 'kiln'],
  bench: ['plane', 'chisels', 'planks', 'saw', 'hammer'],
  plot: ['cabbage', 'spade', 'can', 'sunflower', 'barrow'],
  wheel: ['bicycle', 'wheel', 'hammer', 'gears'],
  seed: ['sprout', 'flowerpot', 'sunflower', 'can'],
  house: ['house', 'door', 'window', 'lamp', 'ladder'],
  harbour: ['terrace', 'lighthouse', 'gull', 'crate'],
};

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
  /** Subjects of the trade itself. */
  private ofTrade(): string[] {
    const { facts, pack } = this;
    return [
      ...subjectsIn(facts.trade),
      ...subjectsIn(facts.services.map((s) => s.name).join(', ')),
      // A house or a harbour says nothing of a trade.
      ...(['harbour', 'house'].includes(pack.scene) ? [] : (SCENE_SUBJECTS[pack.scene] ?? [])),
    ];
  }
  /**
   * A picture for what some words speak of; none where neither they nor the trade call for one that is not there yet: a
   * picture that says nothing is worse than none. Beside its words it is decoration.
   */
  of(words: string): Picture {
    const subject = [...subjectsIn(words), ...this.ofTrade()].find((s) => !this.used.has(s));
    return { media: subject ? this.put(subject, words, this.media.length) : '', alt: nothing };
  }
  /** The first picture of the home page: the trade at its most telling, said in words. */
  opening(language: LanguageTag): Picture {
    const subject = this.ofTrade()[0] ?? SCENE_SUBJECTS[this.pack.scene]?.[0] ?? 'terrace';
    const media = this.put(subject, this.pack.noun, 0);
    const { recipe } = this.media.at(-1) as Medium & { kind: 'made' };
    const alt = sayPicture(recipe, language);
    return {
      media,
      alt: alt ? { value: alt, from: { kind: 'pack', line: `picture/${subject}`, claim: false } } : nothing,
    };
  }
  /** A picture of the kind of place it is. */
  place(): Picture {
    const places = ['terrace', 'door', 'window', 'house', 'lighthouse', 'gull', 'tree'];
    const subject =
      places.find((s, n) => !this.used.has(s) && (this.seed + n) % 3 !== 0) ??
      places.find((s) => !this.used.has(s)) ??
      'terrace';
    return { media: this.put(subject, '', this.media.length + 3), alt: nothing };
  }
}
