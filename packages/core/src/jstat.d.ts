declare module 'jstat' {
  /** The one distribution the core needs: Student's t. */
  const jStat: { studentt: { inv(p: number, degreesOfFreedom: number): number } };
  export default jStat;
}
