/** How long a file that is saved is kept for the browser to take, ms. */
const KEPT_MS = 1000;

/** Gives the person a file made here, under a name. */
export function saveFile(name: string, bytes: BlobPart, type: string): void {
  const link = Object.assign(document.createElement('a'), {
    href: URL.createObjectURL(new Blob([bytes], { type })),
    download: name,
  });
  link.click();
  setTimeout(() => URL.revokeObjectURL(link.href), KEPT_MS);
}
