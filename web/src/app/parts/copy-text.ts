/** Copies a text where the browser lets it; false where it does not, and the person has to mark the words by hand. */
export const copyText = async (text: string): Promise<boolean> =>
  (navigator.clipboard?.writeText(text) ?? Promise.reject(new Error('no clipboard'))).then(
    () => true,
    () => false,
  );
