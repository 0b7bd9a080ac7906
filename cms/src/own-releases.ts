import { createHash } from 'node:crypto';
import { link, mkdir, readdir, readFile, rename, rm, writeFile } from 'node:fs/promises';
import { dirname, join } from 'node:path';
import type { SiteDocument } from '@tin-porch/core/model';
import { instantOf, isStale } from '@tin-porch/core/collections';
import { migrate } from '@tin-porch/core/operations';
import { newProofs, render, type RenderedFile, type SiteProofs } from '@tin-porch/core/page';
import type { Serving } from './content.js';

/** What a file is named for besides what is in it: `/fonts/larch-` of `/fonts/larch-1x9k2.woff2`. */
const named = (path: string) => /^(.*-)[0-9a-z]+(\.[a-z0-9]+)$/.exec(path);
const sha256 = (bytes: string) => createHash('sha256').update(bytes).digest('hex');

/** Files by their path within a site, as `/index.html`. */
async function filesIn(folder: string): Promise<string[]> {
  const all = await readdir(folder, { recursive: true, withFileTypes: true });
  return all
    .filter((e) => e.isFile())
    .map(
      (e) =>
        `/${join(e.parentPath, e.name)
          .slice(folder.length + 1)
          .replaceAll('\\', '/')}`,
    );
}

/**
 * The releases of a site that runs by itself, each a folder of its own beside the exported one. Pages are drawn anew; fonts
 * and pictures are those of the release before, which whoever made the site has cut and drawn for it. One file says which
 * release is served: old or new, and nothing between.
 */
export class OwnReleases {
  private constructor(
    private readonly folder: string,
    private readonly origin: string,
    /** The site as it was exported, and what that is called. */
    readonly exported: SiteDocument,
    readonly release: string,
    /** What is served, and the minute it was drawn for; empty where nobody noted it. */
    private now: { id: string | null; document: SiteDocument; at: string },
  ) {}

  private readonly proofs: SiteProofs = newProofs();
  /** The folder that was pressed here last, and the texts in it: what reads the same is not written again. */
  private pressed: { folder: string; texts: ReadonlyMap<string, string> } | undefined;

  /** @throws Error where `site.json` is not there, or is none */
  static async open(folder: string, origin: string): Promise<OwnReleases> {
    const body = await readFile(join(folder, 'site.json'), 'utf8');
    const exported = migrate(JSON.parse(body));
    const releases = join(folder, 'releases');
    const id = await readFile(join(releases, 'current'), 'utf8').catch(() => null);
    const own = id
      ? await readFile(join(releases, id, 'site.json'), 'utf8').then(
          (t) => migrate(JSON.parse(t)),
          () => null,
        )
      : null;
    const at = own && id ? await readFile(join(releases, id, 'drawn-for'), 'utf8').catch(() => '') : '';
    return new OwnReleases(folder, origin, exported, `e-${sha256(body).slice(0, 16)}`, {
      id: own ? id : null,
      document: own ?? exported,
      at,
    });
  }

  /** Where the files of photographs are that were brought since, by their SHA-256. */
  get pictures(): string {
    return join(this.folder, 'pictures');
  }

  /** The folder that is served. */
  files = (): string =>
    this.now.id ? join(this.folder, 'releases', this.now.id, 'public') : join(this.folder, 'public');
  document = (): SiteDocument => this.now.document;
  /** Whether what is served is another than the exported one. */
  changed = (): boolean => this.now.id !== null;

  readonly serving: Serving = {
    base: () => ({ release: this.release, document: () => Promise.resolve(this.exported) }),
    press: (document) => this.press(document),
    stale: () => isStale(this.now.document, this.now.at, instantOf(Date.now())),
  };

  private async press(document: SiteDocument): Promise<() => Promise<void>> {
    const json = JSON.stringify(document);
    const at = instantOf(Date.now());
    const id = `c-${sha256([this.release, json, ...(document.collections ? [at] : [])].join(' ')).slice(0, 16)}`;
    const to = join(this.folder, 'releases', id);
    const part = `${to}.part`;
    await rm(part, { recursive: true, force: true });
    const before = this.files();
    const there = new Set(await filesIn(before));
    const texts = new Map<string, string>();
    const known = this.pressed?.folder === before ? this.pressed.texts : undefined;
    for (const file of render(document, { origin: this.origin, at, proofs: this.proofs })) {
      if ('text' in file && !file.outlined) texts.set(file.path, file.text);
      await this.put(join(part, 'public'), file, before, there, known);
    }
    await writeFile(join(part, 'site.json'), json, { flush: true });
    await writeFile(join(part, 'drawn-for'), at, { flush: true });
    await rm(to, { recursive: true, force: true });
    await rename(part, to);
    return async () => {
      const pointer = join(this.folder, 'releases', 'current');
      await writeFile(`${pointer}.part`, id, { flush: true });
      await rename(`${pointer}.part`, pointer);
      const last = this.now.id;
      this.now = { id, document, at };
      this.pressed = { folder: this.files(), texts };
      // The one before it is kept for late readers; what was before that is not asked for any more.
      for (const name of await readdir(join(this.folder, 'releases')))
        if (name.startsWith('c-') && name !== id && name !== last)
          await rm(join(this.folder, 'releases', name), { recursive: true, force: true });
    };
  }

  private async put(
    to: string,
    file: RenderedFile,
    before: string,
    there: ReadonlySet<string>,
    known: ReadonlyMap<string, string> | undefined,
  ): Promise<void> {
    const at = join(to, file.path);
    await mkdir(dirname(at), { recursive: true });
    if ('text' in file && !file.outlined)
      return known?.get(file.path) === file.text
        ? link(join(before, file.path), at)
        : writeFile(at, file.text, { flush: true });
    if ('blob' in file && !there.has(file.path)) {
      const brought = await link(join(this.pictures, file.blob), at).then(
        () => true,
        () => false,
      );
      if (brought) return;
    }
    const [, stem, ending] = named(file.path) ?? [];
    const from = there.has(file.path)
      ? file.path
      : ([...there].find((p) => stem && p.startsWith(stem) && p.endsWith(ending!) && named(p)?.[1] === stem) ??
        // A page that came since has the picture of another to be shared with.
        [...there].find((p) => p.startsWith('/share/') && file.path.startsWith('/share/')));
    if (!from) throw new Error(`${file.path} was not exported with the site, and cannot be made here.`);
    await link(join(before, from), at);
  }
}
