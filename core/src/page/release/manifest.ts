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

/** The version of the renderer. A release made by another may differ in its bytes for the same document. */
export const ENGINE = 4;

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
