import { expect, test } from 'vitest';
import { contactFaults } from './contactFaults';

const t = ((key: string) => key) as never;
const faults = (contact: object) =>
  contactFaults({ contact } as never, t).map(({ path, code }) => `${path} ${code}`);

test.each([
  [{}, []],
  [{ street: ' ', phone: '+99912345678' }, []],
  [{ street: 'Rope Walk', houseNumber: '7', postCode: '3211' }, []],
  [{ street: 'Rope Walk' }, ['contact/postCode missing']],
  [{ postCode: '3211' }, ['contact/street missing']],
  [{ street: 'Rope Walk', postCode: '32' }, ['contact/postCode postCode']],
  [{ houseNumber: '7' }, ['contact/street missing', 'contact/postCode missing']],
])('an address that was begun needs its street and its post code: %o', (contact, expected) => {
  expect(faults(contact)).toEqual(expected);
});
