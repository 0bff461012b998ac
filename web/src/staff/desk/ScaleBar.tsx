import type { Schemas } from '../../api/client';

const WIDTH = 284;

/** The figure that decides most, drawn against its limits; the words say the same. */
export function ScaleBar({ scale }: { scale: Schemas['Scale'] }) {
  const figure = Number(scale.figure);
  const limits = scale.limits.map(Number);
  const most = limits.at(-1) ?? 0;
  const span = Math.max(most * 1.2, figure * 1.05, 1);
  const x = (value: number) => (value / span) * WIDTH;
  return (
    <figure className="mt-3">
      <svg viewBox={`0 0 ${WIDTH} 16`} className="w-full" role="img" aria-label={scale.words}>
        {limits.map((limit, i) => {
          const from = x(limits[i - 1] ?? 0);
          const colour = i === 0 ? 'fill-success/40' : 'fill-warning/40';
          return <rect key={limit} x={from} y="6" width={x(limit) - from} height="9" className={colour} />;
        })}
        <rect x={x(most)} y="6" width={WIDTH - x(most)} height="9" className="fill-error/40" />
        <path d={`M${x(figure) - 5} 0h10l-5 6z`} className="fill-base-content" />
      </svg>
      <figcaption className="text-[0.8125rem]">▼ {scale.words}</figcaption>
    </figure>
  );
}
