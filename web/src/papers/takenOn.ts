/**
 * The day on which a photo was taken, as the camera noted it, such as 2026-11-20; undefined where it did not. Read before
 * the photo is cropped, since nothing that cameras note is sent.
 */
export async function takenOn(file: File): Promise<string | undefined> {
  try {
    const { load } = await import('exifreader');
    const tags = await load(file);
    const noted = /^(\d{4})[:-](\d{2})[:-](\d{2})/.exec(String(tags.DateTimeOriginal?.description ?? ''));
    return noted ? noted.slice(1).join('-') : undefined;
  } catch {
    return undefined;
  }
}
