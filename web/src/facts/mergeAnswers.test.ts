import { describe, expect, it } from 'vitest';
import { mergeAnswers, withAnswer } from './mergeAnswers';

const BASE = {
  home: { rent: '640.00', bedrooms: 2 },
  monthsAhead: 1,
  members: [
    { id: 'm1', givenName: 'Runa' },
    { id: 'm2', givenName: 'Ivo' },
  ],
};

describe('what two tabs wrote at the same time', () => {
  it('is kept from both where they wrote at different places', () => {
    const here = { ...BASE, home: { rent: '700.00', bedrooms: 2 } };
    const there = {
      ...BASE,
      home: { rent: '640.00', bedrooms: 3 },
      monthsAhead: 2,
      members: [{ id: 'm1', givenName: 'Rúna' }, BASE.members[1], { id: 'm3', givenName: 'Embla' }],
    };
    const { answers, clashes } = mergeAnswers(BASE, here, there as typeof BASE);
    expect(clashes).toEqual([]);
    expect(answers).toEqual({ ...there, home: { rent: '700.00', bedrooms: 3 } });
  });

  it('keeps what was written here and tells the other where both wrote at one place', () => {
    const here = withAnswer(BASE, 'members/m2/givenName', 'Ívo');
    const there = withAnswer(withAnswer(BASE, 'members/m2/givenName', 'Ivor'), 'home/rent', '130.00');
    const { answers, clashes } = mergeAnswers(BASE, withAnswer(here, 'home/rent', '700.00'), there);
    expect(answers).toEqual(withAnswer(here, 'home/rent', '700.00'));
    expect(clashes).toEqual([
      { path: 'home/rent', here: '700.00', there: '130.00' },
      { path: 'members/m2/givenName', here: 'Ívo', there: 'Ivor' },
    ]);
  });

  it('takes away what one of them took away, and tells where the other changed it', () => {
    const { home: _, ...without } = BASE;
    expect(mergeAnswers<object>(BASE, without, BASE).answers).toEqual(without);
    const { answers, clashes } = mergeAnswers<object>(BASE, without, withAnswer(BASE, 'home/rent', '130.00'));
    expect(answers).toEqual(without);
    expect(clashes).toHaveLength(1);
  });

  it('can be answered the other way', () => {
    expect(withAnswer(BASE, 'members/m2/givenName', 'Ivor').members[1]).toEqual({
      id: 'm2',
      givenName: 'Ivor',
    });
    expect(withAnswer({ home: undefined }, 'home/rent', '1.00')).toEqual({ home: { rent: '1.00' } });
  });
});
