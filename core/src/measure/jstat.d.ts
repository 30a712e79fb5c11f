// The package ships no types; only what the core uses is declared.
declare module 'jstat' {
  interface Distribution1 {
    inv(p: number, a: number): number;
  }
  interface Distribution2 {
    inv(p: number, a: number, b: number): number;
    cdf(x: number, a: number, b: number): number;
  }
  const jStat: {
    studentt: Distribution1;
    normal: Distribution2;
    beta: Distribution2;
    chisquare: Distribution1;
    gammaln(x: number): number;
  };
  export default jStat;
}
