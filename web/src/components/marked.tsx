import type { ReactNode } from 'react';

/** A text with the part underlined in which it differs from the others, down to the digit. */
export function marked(text: string, others: (string | undefined)[]): ReactNode {
  const different = others.filter((each): each is string => Boolean(each) && each !== text);
  if (different.length === 0) return text;
  const from = Math.min(...different.map((each) => sharedStart(text, each)));
  const end = Math.min(...different.map((each) => sharedEnd(text, each, from)));
  const until = Math.max(from, text.length - end);
  return (
    <>
      {text.slice(0, from)}
      <span className="unlike">{text.slice(from, until) || text}</span>
      {text.slice(from, until) ? text.slice(until) : ''}
    </>
  );
}

function sharedStart(one: string, other: string): number {
  let at = 0;
  while (at < one.length && one[at] === other[at]) at++;
  return at;
}

function sharedEnd(one: string, other: string, notBefore: number): number {
  let at = 0;
  while (
    at < one.length - notBefore &&
    at < other.length - notBefore &&
    one[one.length - 1 - at] === other[other.length - 1 - at]
  )
    at++;
  return at;
}
