/**
 * How many of something a test draws: so many as a rule, and as many as the environment names in `npm run trials`, which is
 * run by hand and before a release.
 */
export function howMany(variable: string, usual: number): number {
  const { process } = globalThis as {
    readonly process?: { readonly env: Readonly<Record<string, string | undefined>> };
  };
  const named = Number(process?.env[variable]);
  return Number.isInteger(named) && named > 0 ? named : usual;
}
