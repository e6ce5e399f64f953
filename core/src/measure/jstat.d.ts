declare module 'jstat' {
  const jstat: {
    readonly models: {
      ols(
        ys: readonly number[],
        xs: readonly (readonly number[])[],
      ): { readonly coef: readonly number[] };
    };
    readonly normal: {
      inv(p: number, mean: number, sd: number): number;
      cdf(x: number, mean: number, sd: number): number;
    };
    readonly studentt: { inv(p: number, dof: number): number; cdf(x: number, dof: number): number };
  };
  export default jstat;
}
