import { ProblemError } from '../api/client';

/** What went wrong, said once, where the eye is. */
export function Problem({ of }: { of: unknown }) {
  if (!of) return null;
  const text = of instanceof Error ? of.message : String(of);
  return (
    <p role="alert" className="my-3 border-s-4 border-error bg-base-100 px-3 py-2 text-error">
      <span aria-hidden="true">▲ </span>
      {text}
    </p>
  );
}

/** Whether a failure is about the field of that path. */
export function isAbout(problem: unknown, path: string): boolean {
  return problem instanceof ProblemError && problem.path === path;
}
