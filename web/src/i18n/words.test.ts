/// <reference types="vite/client" />
import { expect, test } from 'vitest';
import { enAnswer } from './en-answer';
import { enApply } from './en-apply';
import { enDesk } from './en-desk';
import { enIdentities } from './en-identities';
import { enIdentity } from './en-identity';
import { enMy } from './en-my';
import { enOffice } from './en-office';

const [list = ''] = Object.values(
  import.meta.glob<string>('../../../docs/words.md', { query: '?raw', import: 'default', eager: true }),
);
const PUBLIC = [enApply, enMy, enAnswer, enIdentity];
const STAFF = [enOffice, enDesk, enIdentities];

/** The words of the last column of the table. */
const NEVER = [...list.matchAll(/^\|[^|]+\|[^|]+\|([^|]+)\|$/gm)]
  .slice(2)
  .flatMap((row) => (row[1] ?? '').split(','))
  .map((word) => word.trim())
  .filter((word) => word !== '—');
const ONLY_STAFF = [...(list.split('## Only staff read')[1] ?? '').matchAll(/`([^`]+)`/g)].map(
  (found) => found[1] ?? '',
);

function texts(of: unknown): string[] {
  if (typeof of === 'string') return [of];
  return typeof of === 'object' && of !== null ? Object.values(of).flatMap(texts) : [];
}

function having(words: string[], all: string[]): string[] {
  return all.filter((text) => words.some((word) => new RegExp(`\\b${word}s?\\b`, 'i').test(text)));
}

test('what the list of words rules out is in no text', () => {
  expect(NEVER.length).toBeGreaterThan(15);
  expect(having(NEVER, texts([...PUBLIC, ...STAFF]))).toEqual([]);
});

test('nobody but staff reads the words of the desk', () => {
  expect(ONLY_STAFF.length).toBeGreaterThan(5);
  expect(having(ONLY_STAFF, texts(PUBLIC))).toEqual([]);
});
