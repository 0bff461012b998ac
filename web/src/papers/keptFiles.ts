import { clear, createStore, del, entries, set } from 'idb-keyval';

/** A file that was chosen and has not arrived yet. @property place what it is for, made of codes */
export type KeptFile = { key: string; place: string; file: File };

let opened: ReturnType<typeof createStore> | undefined;

function files() {
  opened ??= createStore('civitane-files', 'chosen');
  return opened;
}

/** Keeps a chosen file in this browser until it has arrived, so that loading the page again loses nothing. */
export async function keepFile(place: string, file: File): Promise<KeptFile> {
  const kept = { key: `${place}/${crypto.randomUUID()}`, place, file };
  try {
    await set(kept.key, kept, files());
  } catch {
    // a browser that keeps nothing has it until the page is left
  }
  return kept;
}

/** It arrived, or was refused. */
export async function forgetFile(key: string) {
  try {
    await del(key, files());
  } catch {
    // nothing was kept
  }
}

/** What was chosen before and has not arrived, for a place or for all places below it. */
export async function keptFiles(place: string): Promise<KeptFile[]> {
  try {
    const all = await entries<string, KeptFile>(files());
    return all.map(([, kept]) => kept).filter((kept) => `${kept.place}/`.startsWith(`${place}/`));
  } catch {
    return [];
  }
}

/** All of them leave the browser, since someone else may use it next. */
export async function forgetFiles() {
  try {
    await clear(files());
  } catch {
    // nothing was kept
  }
}
