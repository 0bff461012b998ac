/** Pixels as a canvas gives them: red, green, blue and alpha of each, line by line. */
export type Pixels = { data: Uint8ClampedArray; width: number; height: number };

/** What can be seen of a picture without reading it. */
export type Finding = 'small' | 'blurred' | 'dark' | 'glare' | 'cut';

const SMALLEST = 900;
const SHARP_ENOUGH = 45;
const DARKEST = 70;
/** Paper on a photo is less than white; on a scan it is white everywhere, and no glare can be told. */
const PHOTOGRAPHED = 235;
const WHITE = 251;
const GLARE_FROM = 0.012;
const GLARE_TO = 0.5;
const STEEP = 60;
const BORDER = 0.02;
const AS_BUSY_AS_INSIDE = 0.6;
const BUSY = 0.004;

/**
 * Looks at a picture of a paper: whether it is large, sharp and bright enough, without glare, and whole. Hints, no
 * verdict: whoever took it decides.
 *
 * @param longest the longer side of the picture as it was taken, in pixels; the pixels here may be fewer
 */
export function lookAt(pixels: Pixels, longest: number): Finding[] {
  const grey = greyOf(pixels);
  const found: Finding[] = [];
  if (longest < SMALLEST) found.push('small');
  if (sharpness(grey, pixels.width) < SHARP_ENOUGH) found.push('blurred');
  if (median(grey) < DARKEST) found.push('dark');
  if (hasGlare(grey)) found.push('glare');
  if (isCut(grey, pixels.width, pixels.height)) found.push('cut');
  return found;
}

function greyOf({ data }: Pixels): Uint8Array {
  const grey = new Uint8Array(data.length / 4);
  for (let i = 0; i < grey.length; i++)
    grey[i] = 0.299 * at(data, 4 * i) + 0.587 * at(data, 4 * i + 1) + 0.114 * at(data, 4 * i + 2);
  return grey;
}

const at = (values: ArrayLike<number>, index: number): number => values[index] ?? 0;

/** How much the strongest hundredth of all points stands out from its neighbours: letters make it high, a blur low. */
function sharpness(grey: Uint8Array, width: number): number {
  const counts = new Uint32Array(1021);
  let points = 0;
  for (let i = width; i < grey.length - width; i++) {
    const x = i % width;
    if (x === 0 || x === width - 1) continue;
    const apart = Math.abs(
      4 * at(grey, i) - at(grey, i - 1) - at(grey, i + 1) - at(grey, i - width) - at(grey, i + width),
    );
    counts[apart] = at(counts, apart) + 1;
    points++;
  }
  let left = points / 100;
  for (let apart = counts.length - 1; apart > 0; apart--) {
    left -= at(counts, apart);
    if (left <= 0) return apart;
  }
  return 0;
}

function median(grey: Uint8Array): number {
  const counts = new Uint32Array(256);
  for (const value of grey) counts[value] = at(counts, value) + 1;
  let left = grey.length / 2;
  for (let value = 0; value < 256; value++) {
    left -= at(counts, value);
    if (left <= 0) return value;
  }
  return 255;
}

/** Burnt-out points on a photo whose paper is not white. */
function hasGlare(grey: Uint8Array): boolean {
  if (median(grey) >= PHOTOGRAPHED) return false;
  let burnt = 0;
  for (const value of grey) if (value >= WHITE) burnt++;
  const share = burnt / grey.length;
  return share > GLARE_FROM && share < GLARE_TO;
}

/** Whether print reaches an edge of the picture as it fills its middle. */
function isCut(grey: Uint8Array, width: number, height: number): boolean {
  const margin = Math.max(2, Math.round(BORDER * Math.min(width, height)));
  const inside = busy(grey, width, margin, margin, width - margin, height - margin);
  const edges = [
    busy(grey, width, 1, 1, width - 1, margin),
    busy(grey, width, 1, height - margin, width - 1, height - 1),
    busy(grey, width, 1, 1, margin, height - 1),
    busy(grey, width, width - margin, 1, width - 1, height - 1),
  ];
  return edges.some((edge) => edge > BUSY && edge > AS_BUSY_AS_INSIDE * inside);
}

/** The share of steep points in a rectangle. */
function busy(
  grey: Uint8Array,
  width: number,
  left: number,
  top: number,
  right: number,
  bottom: number,
): number {
  let steep = 0;
  for (let y = top; y < bottom; y++)
    for (let x = left; x < right; x++) {
      const i = y * width + x;
      if (
        Math.abs(at(grey, i) - at(grey, i - 1)) > STEEP ||
        Math.abs(at(grey, i) - at(grey, i - width)) > STEEP
      )
        steep++;
    }
  return steep / Math.max(1, (right - left) * (bottom - top));
}
