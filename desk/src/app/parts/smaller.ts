/** The longer side of what is of use: the darkroom keeps no more. */
const LONGEST = 3600;
/** What is smaller is sent as it is. */
const SMALL = 2_500_000;
const QUALITY = 0.92;

/**
 * A photograph no larger than is of use: a phone sends it in a fraction of the time. As it is where the browser cannot read
 * it, or would make it no smaller: the darkroom says what is wrong with it.
 */
export async function smaller(file: File): Promise<File> {
  if (file.size <= SMALL || !/^image\/(?:jpeg|webp|avif)$/.test(file.type)) return file;
  try {
    // Upright, as its camera says.
    const picture = await createImageBitmap(file, { imageOrientation: 'from-image' });
    const scale = Math.min(1, LONGEST / Math.max(picture.width, picture.height));
    const canvas = Object.assign(document.createElement('canvas'), {
      width: Math.round(picture.width * scale),
      height: Math.round(picture.height * scale),
    });
    canvas.getContext('2d')!.drawImage(picture, 0, 0, canvas.width, canvas.height);
    picture.close();
    const made = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/jpeg', QUALITY));
    return made && made.size < file.size ? new File([made], file.name, { type: made.type }) : file;
  } catch {
    return file;
  }
}
