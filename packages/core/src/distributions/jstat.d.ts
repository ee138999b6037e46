/** What is used of jstat, which brings no types of its own. */
declare module 'jstat' {
  const jstat: {
    gamma: { inv(p: number, shape: number, scale: number): number };
    normal: {
      cdf(x: number, mean: number, sd: number): number;
      inv(p: number, mean: number, sd: number): number;
    };
  };
  export default jstat;
}
