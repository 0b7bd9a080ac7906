/** One file of a release: what it is and the SHA-256 of its bytes, hex. */
export interface ManifestEntry {
  hash: string;
  size: number;
  type: string;
}

/** A release: an immutable map of paths to content, and what it was made from. */
export interface Manifest {
  files: Record<string, ManifestEntry>;
  /** SHA-256 of the site document’s JSON, hex. */
  document: string;
  origin: string;
  engine: number;
  /** The minute it was drawn for (UTC), where what visitors get depends on it. */
  at?: string;
}

/**
 * The version of the renderer: one more where the same document gives other pages than before, with what is otherwise told
 * in `ENGINE_CHANGES`.
 */
export const ENGINE = 5;

/** The path of the stylesheet the pages of a release link; undefined where it has none. */
export const stylesheetOf = ({ files }: Manifest): string | undefined =>
  Object.keys(files).find((path) => /^\/site-[0-9a-z]+\.css$/.test(path));

/** The manifest of a release of these files. `document` is the SHA-256 of the site document’s JSON; `at` as in `Manifest`. */
export const manifestOf = (files: Manifest['files'], document: string, origin: string, at?: string): Manifest => ({
  files,
  document,
  origin,
  engine: ENGINE,
  ...(at !== undefined && { at }),
});

/** Makes the manifest of a release from its bytes. `hash` is SHA-256 in hex; paths keep their order. `at` as in `Manifest`. */
export function makeManifest(
  files: readonly { path: string; type: string; bytes: Uint8Array }[],
  documentJson: string,
  origin: string,
  hash: (b: Uint8Array | string) => string,
  at?: string,
): Manifest {
  const entries = files.map((f) => [f.path, { hash: hash(f.bytes), size: f.bytes.byteLength, type: f.type }] as const);
  return manifestOf(Object.fromEntries(entries), hash(documentJson), origin, at);
}

/**
 * What the address of a file ends with that is named for what is in it, as the source of a regular expression: such a file
 * never changes, another has another name. Held also by PCRE2.
 */
export const FINGERPRINT = '-[0-9a-f]{8,10}(?:-[0-9]+)?\\.[a-z0-9]+$';
const fingerprint = new RegExp(FINGERPRINT);
/** Whether a file of a release is named for what is in it. */
export const isLasting = (path: string): boolean => fingerprint.test(path);
