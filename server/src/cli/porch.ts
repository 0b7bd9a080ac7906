import { mkdir, readFile, rm, writeFile } from 'node:fs/promises';
import { basename, dirname, join, resolve } from 'node:path';
import { parseArgs } from 'node:util';
import { FILLS, LENGTHS, TONES, type Look } from '@tin-porch/core/model';
import { LANGUAGE_TAGS, languages } from '@tin-porch/core/language';
import { fromDesignTokens, type TokensRead } from '@tin-porch/core/look';
import { apply } from '@tin-porch/core/operations';
import {
  BriefError,
  coverageOf,
  factsToConfirm,
  FileError,
  hasWorkingTitle,
  packOf,
  readBrief,
  readText,
  tongueName,
  wordsOf,
} from '@tin-porch/core/brief';
import { some } from '@tin-porch/core/some';
import {
  allTexts,
  answerWishes,
  questionFor,
  readingEase,
  sourcedSentences,
  toneOf,
  directionNumbered,
  directionOf,
  heldBack,
  inDirection,
  newDocument,
  toConfirm,
  writeVersion,
} from '@tin-porch/core/making';
import { pagePath } from '@tin-porch/core/page';
import { validateDocument } from '@tin-porch/core/validate';
import { readConfig } from '../config.js';
import { backUpOwn, OwnBackupError, restoreOwn } from '../backups/own-backup.js';
import { openedFile } from '../files/opened-file.js';
import { press } from '@tin-porch/press';
import { ResticError } from '@tin-porch/press/keeping';
import { OWN_FOLDERS, siteFolder } from '@tin-porch/press/leaving';

const USAGE = `usage: ./porch build BRIEF --out DIR [--seed N] [--origin URL] [--language TAG] [--tone TONE] [--length LENGTH] [--fill FILL] [--direction N] [--look FILE]

  BRIEF         a brief as text, Markdown or JSON, a Word document, a PDF, a mail, a spreadsheet, a saved page (HTML),
                a vCard or a table (CSV)
  --out DIR     where the site is written: public/, content/, site.json, report.json, and in cms/ what it
                runs on by itself
  --seed N      another whole number gives another version (default 1)
  --origin URL  where the site will be read, for canonical addresses
  --language TAG  ${LANGUAGE_TAGS.join(', ')}; the language of the brief where it is left out
  --tone TONE     ${TONES.join(', ')}; what the brief suggests where it is left out
  --length LENGTH ${LENGTHS.join(', ')} (default middle)
  --fill FILL     ${FILLS.join(', ')}: only what was said, or filled out with what is to confirm; filled out where
                  what was said carries no four pages and it is left out
  --direction N   dresses it in its N-th direction, from 1 (default: as the seed has it)
  --look FILE     design tokens (DTCG JSON) laid over the look; out comes tokens.json with the whole of it

       ./porch backup CONFIG --at REPOSITORY --password-file FILE
       ./porch restore CONFIG --at REPOSITORY --password-file FILE

  CONFIG        the configuration the server is run with, such as .data/porch.json
  --at REPOSITORY  where backups of Tin Porch itself are kept: a repository of restic, made where there is none
  --password-file FILE  a file with what they are closed with. Keep it elsewhere: nothing opens them without it
                Backed up is the database with all sites, their pictures, messages and history, and the key that
                secrets in it are closed with. It is restored into an empty database only.`;

class UsageError extends Error {}

/** An option that takes one of some words. */
function oneOf<T extends string>(name: string, given: string | undefined, all: readonly T[]): T | undefined {
  if (given === undefined) return undefined;
  const found = all.find((v) => v.toLowerCase() === given.toLowerCase());
  if (!found) throw new UsageError(`--${name} takes one of ${all.join(', ')}, not “${given}”.`);
  return found;
}

/** Reads a file of design tokens over a look. */
async function readTokens(file: string, base: Look): Promise<TokensRead> {
  let json: string;
  try {
    json = await readFile(file, 'utf8');
  } catch {
    throw new UsageError(`--look: there is no file ${file} to read.`);
  }
  try {
    return fromDesignTokens(json, base);
  } catch (error) {
    throw new UsageError(`--look ${file}: ${(error as Error).message}`);
  }
}

async function build(args: string[]): Promise<void> {
  let parsed;
  try {
    parsed = parseArgs({
      args,
      allowPositionals: true,
      options: {
        out: { type: 'string' },
        seed: { type: 'string', default: '1' },
        origin: { type: 'string' },
        language: { type: 'string' },
        tone: { type: 'string' },
        length: { type: 'string', default: 'middle' },
        fill: { type: 'string' },
        direction: { type: 'string' },
        look: { type: 'string' },
      },
    });
  } catch (error) {
    throw new UsageError((error as Error).message);
  }
  const { positionals, values } = parsed;
  if (positionals.length !== 1 || !values.out) throw new UsageError('Give one brief and --out DIR.');
  const seed = Number(values.seed);
  if (!/^\d{1,9}$/.test(values.seed))
    throw new UsageError(`--seed takes a whole number from 0 to 999999999, not “${values.seed}”.`);
  const language = oneOf('language', values.language, LANGUAGE_TAGS);
  const tone = oneOf('tone', values.tone, TONES);
  const length = oneOf('length', values.length, LENGTHS)!;
  const fill = oneOf('fill', values.fill, FILLS);
  if (values.direction !== undefined && !/^[1-9]\d{0,3}$/.test(values.direction))
    throw new UsageError(`--direction takes a whole number from 1 to 9999, not “${values.direction}”.`);
  const direction = values.direction === undefined ? null : Number(values.direction);
  let source: Uint8Array;
  try {
    source = await readFile(positionals[0]!);
  } catch (error) {
    const code = (error as NodeJS.ErrnoException).code;
    throw new BriefError(
      code === 'ENOENT'
        ? `There is no file ${positionals[0]}.`
        : code === 'EISDIR'
          ? `${positionals[0]} is a folder.`
          : code === 'ENOTDIR'
            ? `${positionals[0]} goes through a file as if it were a folder.`
            : `${positionals[0]} cannot be opened.`,
    );
  }
  const started = performance.now();
  const told = await openedFile(basename(positionals[0]!), source);
  const read = readBrief(told);
  const facts = tone ? { ...read, tone } : read;
  const { language: readAs, tongue, spans, conflicts, told: asked } = readText(facts.description);
  const id =
    facts.name
      .normalize('NFD')
      .toLowerCase()
      .replace(/\p{M}/gu, '')
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-+|-+$/g, '')
      .slice(0, 40) || 'site';
  let origin = `https://${id}.example`;
  if (values.origin) {
    try {
      origin = new URL(values.origin).origin;
    } catch {
      throw new UsageError(`--origin takes an address such as https://name.example, not “${values.origin}”.`);
    }
  }
  const begun = newDocument(id, facts, seed, language);
  const blank = { ...begun, length, fill: fill ?? begun.fill };
  let { document } = apply(blank, writeVersion(facts, seed, blank));
  if (direction !== null) document = inDirection(document, directionNumbered(direction));
  const tokens = values.look ? await readTokens(values.look, document.look) : null;
  if (tokens) document = { ...document, look: tokens.look };
  const misfits = validateDocument(document);
  if (misfits.length) throw new Error(`The generated site does not fit its schema: ${JSON.stringify(misfits[0])}`);
  const files = await press(document, origin);
  const seconds = (performance.now() - started) / 1000;

  const out = resolve(values.out);
  const put = async (path: string, bytes: string | Uint8Array) => {
    await mkdir(dirname(join(out, path)), { recursive: true });
    await writeFile(join(out, path), bytes);
  };
  for (const folder of OWN_FOLDERS) await rm(join(out, folder), { recursive: true, force: true });
  for await (const f of siteFolder(document, files)) await put(f.path, f.bytes);
  const chosen = directionOf(facts, packOf(facts), document.direction);
  const sentences = sourcedSentences(document);
  const confirm = toConfirm(document).map((t) => ({
    page: t.page?.label ?? 'every page',
    at: `${t.section.id}/${t.path}`,
    text: t.text.value,
    from: t.text.from.kind === 'pack' ? `trade pack, ${t.text.from.line}` : 'placeholder',
    ask: questionFor(t.text),
  }));
  const count = <T>(all: readonly T[], of: (one: T) => string) =>
    all.reduce<Record<string, number>>((sum, one) => ({ ...sum, [of(one)]: (sum[of(one)] ?? 0) + 1 }), {});
  const provenance = count(
    allTexts(document).filter((t) => t.text.value),
    (t) => t.text.from.kind,
  );
  const sentenceProvenance = count(sentences, (s) => s.from);
  const prose = allTexts(document)
    .filter((t) => t.long && t.text.value)
    .map((t) => t.text.value)
    .join(' ');
  const { words, ease } = readingEase(prose, languages[document.language].reading);
  const bytes = files.reduce((sum, f) => sum + f.bytes.byteLength, 0);
  const unsure = factsToConfirm(document);
  await put(
    'report.json',
    `${JSON.stringify(
      {
        seconds: Number(seconds.toFixed(4)),
        bytes,
        files: files.length,
        pages: document.pages.length,
        seed,
        briefLanguage: tongue ?? readAs,
        ...(tongue && {
          notWritten: `The brief is in ${tongueName(tongue)}, in which no sites are written: menus, headings and forms are in another language, and the client’s own words stand as they are once they are cleared.`,
        }),
        language: document.language,
        tone: toneOf(facts),
        length,
        fill: document.fill,
        direction: { ...document.direction, name: chosen.name, why: chosen.why },
        ...(tokens && { look: { problems: tokens.problems, moved: tokens.moved } }),
        plan: document.pages.map((p) => ({
          page: p.label,
          address: pagePath(p),
          ...(p.parent && { under: p.parent }),
          reason: p.reason,
          sections: p.sections.map((x) => ({ shape: x.shape, reason: x.reason, feeds: x.feeds ?? [] })),
        })),
        facts: spans.map((span) => ({ ...span, words: wordsOf(facts.description, span) })),
        conflicts: conflicts.map(({ field, values }) => ({ field, values: values.map((v) => v.value) })),
        workingTitle: hasWorkingTitle(facts),
        answers: answerWishes(document),
        wishes: asked.filter((t) => t.kind !== 'dont').map((t) => t.text),
        donts: asked.filter((t) => t.kind === 'dont').map((t) => t.text),
        heldBack: heldBack(facts),
        coverage: coverageOf(facts),
        provenance,
        sentenceProvenance,
        copy: { words, readingEase: Math.round(ease) },
        sentences,
        toConfirm: confirm,
        factsToConfirm: unsure.map(({ what, value, words: from }) => ({ what, value, words: from })),
      },
      null,
      2,
    )}\n`,
  );
  console.log(
    `${facts.name}: ${some(document.pages.length, 'page')}, ${files.length} files, ${Math.ceil(bytes / 1024)} KB in ${seconds.toFixed(2)} s; ${confirm.length + unsure.length} to confirm. See ${join(values.out, 'report.json')}`,
  );
}

async function ownBackup(command: 'backup' | 'restore', args: string[]): Promise<void> {
  let parsed;
  try {
    parsed = parseArgs({
      args,
      allowPositionals: true,
      options: { at: { type: 'string' }, 'password-file': { type: 'string' } },
    });
  } catch (error) {
    throw new UsageError((error as Error).message);
  }
  const { at, 'password-file': file } = parsed.values;
  const [configuration, ...more] = parsed.positionals;
  if (!configuration || more.length || !at || !file) throw new UsageError('Give CONFIG, --at and --password-file.');
  const read = async (path: string) =>
    (
      await readFile(path, 'utf8').catch(() => {
        throw new OwnBackupError(`There is no file ${path} to read.`);
      })
    ).trim();
  const password = await read(file);
  if (password.length < 12) throw new OwnBackupError(`What is in ${file} is too short to close anything with.`);
  await read(configuration);
  const config = readConfig(configuration);
  const place = { repository: at, password };
  if (command === 'backup') {
    const { sites, added } = await backUpOwn(config, place);
    console.log(`${some(sites, 'site')} backed up, ${(added / 1e6).toFixed(1)} MB of it new.`);
  } else {
    const { sites, at: when } = await restoreOwn(config, place);
    console.log(
      `${some(sites, 'site')} restored, as of ${when.slice(0, 16).replace('T', ' ')}. Start the server with ${configuration}.`,
    );
  }
}

async function main(): Promise<number> {
  const [command, ...rest] = process.argv.slice(2);
  try {
    if (command === 'build') return (await build(rest), 0);
    if (command === 'backup' || command === 'restore') return (await ownBackup(command, rest), 0);
    if (command === '--help' || command === 'help') return (console.log(USAGE), 0);
    throw new UsageError(command ? `There is no command “${command}”.` : 'Say what to do.');
  } catch (error) {
    if (error instanceof BriefError || error instanceof FileError)
      console.error(`Cannot use this brief: ${error.message}`);
    else if (error instanceof OwnBackupError || error instanceof ResticError) console.error(error.message);
    else if (error instanceof UsageError) console.error(`${error.message}\n\n${USAGE}`);
    else if ((error as NodeJS.ErrnoException).code) console.error(`Cannot write the site: ${(error as Error).message}`);
    else throw error;
    return 2;
  }
}

process.exitCode = await main();
