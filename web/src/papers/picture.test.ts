import { describe, expect, test } from 'vitest';
import { lookAt, type Pixels } from './picture';

const WIDTH = 600;
const HEIGHT = 400;
const PAPER = 205;

/** A made picture of a page with lines of strokes; `from` and `to` say where its print begins and ends. */
function page({ paper = PAPER, ink = 40, left = 60, right = 540, top = 50, bottom = 350 } = {}): Pixels {
  const data = new Uint8ClampedArray(WIDTH * HEIGHT * 4).fill(255);
  for (let y = 0; y < HEIGHT; y++)
    for (let x = 0; x < WIDTH; x++) {
      const line = y >= top && y < bottom && Math.floor(y / 6) % 3 === 0;
      const stroke = line && x >= left && x < right && Math.floor(x / 3) % 2 === 0;
      dot(data, x, y, stroke ? ink : paper);
    }
  return { data, width: WIDTH, height: HEIGHT };
}

function dot(data: Uint8ClampedArray, x: number, y: number, value: number) {
  data.fill(value, 4 * (y * WIDTH + x), 4 * (y * WIDTH + x) + 3);
}

/** Each point the mean of those around it. */
function blurred(of: Pixels, by: number): Pixels {
  const data = new Uint8ClampedArray(of.data);
  for (let y = 0; y < HEIGHT; y++)
    for (let x = 0; x < WIDTH; x++) {
      let sum = 0;
      let points = 0;
      for (let dy = -by; dy <= by; dy++)
        for (let dx = -by; dx <= by; dx++)
          if (x + dx >= 0 && x + dx < WIDTH && y + dy >= 0 && y + dy < HEIGHT) {
            sum += of.data[4 * ((y + dy) * WIDTH + x + dx)] ?? 0;
            points++;
          }
      dot(data, x, y, sum / points);
    }
  return { ...of, data };
}

function withGlare(of: Pixels): Pixels {
  const data = new Uint8ClampedArray(of.data);
  for (let y = 100; y < 180; y++) for (let x = 200; x < 320; x++) dot(data, x, y, 255);
  return { ...of, data };
}

describe('a picture of a paper', () => {
  test('is right when it is sharp, bright and whole', () => {
    expect(lookAt(page(), 1800)).toEqual([]);
  });
  test('is right as a scan on white paper', () => {
    expect(lookAt(page({ paper: 255, ink: 0 }), 1800)).toEqual([]);
  });
  test('is blurred when its strokes run into each other', () => {
    expect(lookAt(blurred(page(), 4), 1800)).toContain('blurred');
  });
  test('is dark when its paper is', () => {
    expect(lookAt(page({ paper: 52, ink: 4 }), 1800)).toContain('dark');
  });
  test('glares where a spot is burnt out', () => {
    expect(lookAt(withGlare(page()), 1800)).toEqual(['glare']);
  });
  test('is cut off where the print runs over an edge', () => {
    expect(lookAt(page({ right: WIDTH }), 1800)).toEqual(['cut']);
    expect(lookAt(page({ top: 0 }), 1800)).toEqual(['cut']);
  });
  test('is too small when its longer side is', () => {
    expect(lookAt(page(), 640)).toEqual(['small']);
  });
});
