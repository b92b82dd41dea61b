/** Where nobody chose: the first scale that can judge it, else the last there is. Which can, the server says. */
export const fittest = <Scale extends { id: number }>(scales: Scale[], fit: number[]): Scale | undefined =>
  scales.find((scale) => fit.includes(scale.id)) ?? scales[scales.length - 1];
