import { type Finding, lookAt } from './picture';

/** A part of a picture, in shares of its width and height. */
export type Part = { x: number; y: number; width: number; height: number };

const LONGEST = 2400;
const LOOKED_AT = 700;
const QUALITY = 0.88;

/** Whether a file is a picture that can be turned and cropped here; a PDF goes as it is. */
export function isPicture(file: File): boolean {
  return file.type === 'image/jpeg' || file.type === 'image/png';
}

/** A picture turned by quarters and cropped, no larger than can be read, as JPEG. */
export async function prepared(
  file: File,
  quarters: number,
  part: Part | undefined,
  longest = LONGEST,
): Promise<File> {
  const canvas = drawn(await createImageBitmap(file), quarters, part, longest);
  const blob = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/jpeg', QUALITY));
  return blob ? new File([blob], file.name.replace(/\.\w+$/, '.jpg'), { type: 'image/jpeg' }) : file;
}

/** What can be seen of a picture as it would be sent. */
export async function looked(file: File, quarters: number, part: Part | undefined): Promise<Finding[]> {
  const picture = await createImageBitmap(file);
  const canvas = drawn(picture, quarters, part, LOOKED_AT);
  const context = canvas.getContext('2d');
  if (!context) return [];
  const taken = Math.max(picture.width * (part?.width ?? 1), picture.height * (part?.height ?? 1));
  return lookAt(context.getImageData(0, 0, canvas.width, canvas.height), taken);
}

function drawn(picture: ImageBitmap, quarters: number, part: Part | undefined, longest: number) {
  const turned = quarters % 2 === 1;
  const whole = {
    width: turned ? picture.height : picture.width,
    height: turned ? picture.width : picture.height,
  };
  const cut = part ?? { x: 0, y: 0, width: 1, height: 1 };
  const scale = Math.min(1, longest / Math.max(whole.width * cut.width, whole.height * cut.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(whole.width * cut.width * scale));
  canvas.height = Math.max(1, Math.round(whole.height * cut.height * scale));
  const context = canvas.getContext('2d');
  if (context) {
    context.scale(scale, scale);
    context.translate(-whole.width * cut.x, -whole.height * cut.y);
    context.translate(whole.width / 2, whole.height / 2);
    context.rotate((quarters * Math.PI) / 2);
    context.drawImage(picture, -picture.width / 2, -picture.height / 2);
  }
  return canvas;
}
