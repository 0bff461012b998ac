/** Something that can be done from the search field, said as it would be typed. */
export type Command = { label: string; run: () => void };

const MOST = 8;
const FEWEST_LETTERS = 4;

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

/**
 * Whether a text is meant as a command rather than as a name: its first word begins what the command does. A name that
 * merely stands in a command, such as a colleague's, does not count, nor do a few letters.
 */
export function isMeant(command: Command, typed: string): boolean {
  const [first = '', ...more] = fold(typed).split(/\s+/).filter(Boolean);
  const enough = first.length >= FEWEST_LETTERS || more.length > 0;
  return enough && fold(command.label).startsWith(first);
}

/** Letters without their accents, so that a name is found as it is typed. */
function fold(text: string): string {
  return text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase();
}
