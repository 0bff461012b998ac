const MEGABYTE = 1024 * 1024;

/** Bytes as people read them: 0.8 MB. */
export function megabytesText(bytes: number): string {
  return `${(bytes / MEGABYTE).toFixed(1)} MB`;
}
