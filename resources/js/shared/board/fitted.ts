type Fitting = { number: number; fits: readonly string[] };

/** What the steps before one have put on the board; everything where no step is meant. */
export function fittedBefore(steps: readonly Fitting[], number: number | null): ReadonlySet<string> | null {
  if (number === null) return null;
  return new Set(steps.filter((step) => step.number < number).flatMap((step) => step.fits));
}
