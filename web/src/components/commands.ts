/** Something that can be done from the search field, said as it would be typed. */
export type Command = { label: string; run: () => void };

const MOST = 8;

/** The commands in which every word begins some word, in their order; all of them while nothing is typed. */
export function matching(commands: Command[], typed: string): Command[] {
  const wanted = fold(typed).split(/\s+/).filter(Boolean);
  return commands
    .filter(({ label }) => {
      const words = fold(label).split(/\s+/);
      return wanted.every((each) => words.some((word) => word.startsWith(each)));
    })
    .slice(0, MOST);
}

/** Letters without their accents, so that a name is found as it is typed. */
function fold(text: string): string {
  return text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase();
}
