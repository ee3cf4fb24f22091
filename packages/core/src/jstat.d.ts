declare module 'jstat' {
  /**
   * The distributions the core needs: Student's t, beta for shares of counted cells, the normal.
   */
  const jStat: {
    studentt: { inv(p: number, degreesOfFreedom: number): number };
    normal: { inv(p: number, mean: number, sd: number): number };
    gammaln(x: number): number;
    beta: { inv(p: number, alpha: number, beta: number): number };
  };
  export default jStat;
}
