/** Numbers from 0 to 1 from a seed. Source: the minimal standard generator, Park & Miller 1988. */
export function seeded(seed: number): () => number {
  let state = (seed % 2_147_483_646) + 1;
  return () => {
    state = (state * 16_807) % 2_147_483_647;
    return state / 2_147_483_647;
  };
}

/** Standard normal numbers. Source: Box & Muller 1958. */
export function normals(random: () => number): () => number {
  return () => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
}
