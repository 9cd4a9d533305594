/**
 * Least squares for a handful of unknowns: rows are gathered one by one, then solved by Cholesky.
 *
 * @example const line = new LeastSquares(1); line.add([2], 6); line.solve() // [3]
 */
export class LeastSquares {
  readonly #size: number;
  readonly #matrix: Float64Array;
  readonly #right: Float64Array;

  constructor(size: number) {
    this.#size = size;
    this.#matrix = new Float64Array(size * size);
    this.#right = new Float64Array(size);
  }

  /** Wants the row times the unknowns to be this much; `weight` says how much that counts beside the others. */
  add(row: ArrayLike<number>, wanted: number, weight = 1): void {
    const n = this.#size;
    for (let i = 0; i < n; i++) {
      const scaled = (row[i] ?? 0) * weight;
      if (scaled === 0) continue;
      this.#right[i] = (this.#right[i] ?? 0) + scaled * wanted;
      // The matrix is its own mirror: one half is enough.
      for (let j = 0; j <= i; j++) {
        const at = i * n + j;
        this.#matrix[at] = (this.#matrix[at] ?? 0) + scaled * (row[j] ?? 0);
      }
    }
  }

  /** A row that is about one unknown only. */
  addOne(at: number, wanted: number, weight = 1): void {
    const place = at * this.#size + at;
    this.#right[at] = (this.#right[at] ?? 0) + weight * wanted;
    this.#matrix[place] = (this.#matrix[place] ?? 0) + weight;
  }

  /**
   * The unknowns that come nearest to all that is wanted.
   *
   * @param fixed unknowns that are given, with their values
   */
  solve(fixed: ReadonlyMap<number, number> = NONE): Float64Array {
    const n = this.#size;
    const m = Float64Array.from(this.#matrix);
    const x = Float64Array.from(this.#right);
    for (const [at, value] of fixed) {
      for (let i = 0; i < n; i++) {
        const place = i < at ? at * n + i : i * n + at;
        x[i] = (x[i] ?? 0) - (m[place] ?? 0) * value;
        m[place] = 0;
      }
      m[at * n + at] = 1;
      x[at] = value;
    }
    for (let i = 0; i < n; i++) {
      // A little more on the diagonal keeps what nobody asks for from dividing by nothing.
      m[i * n + i] = (m[i * n + i] ?? 0) * (1 + 1e-12) + 1e-12;
      for (let j = 0; j <= i; j++) {
        let sum = m[i * n + j] ?? 0;
        for (let k = 0; k < j; k++) sum -= (m[i * n + k] ?? 0) * (m[j * n + k] ?? 0);
        m[i * n + j] = i === j ? Math.sqrt(Math.max(sum, 1e-18)) : sum / (m[j * n + j] ?? 1);
      }
    }
    for (let i = 0; i < n; i++) {
      for (let k = 0; k < i; k++) x[i] = (x[i] ?? 0) - (m[i * n + k] ?? 0) * (x[k] ?? 0);
      x[i] = (x[i] ?? 0) / (m[i * n + i] ?? 1);
    }
    for (let i = n - 1; i >= 0; i--) {
      for (let k = i + 1; k < n; k++) x[i] = (x[i] ?? 0) - (m[k * n + i] ?? 0) * (x[k] ?? 0);
      x[i] = (x[i] ?? 0) / (m[i * n + i] ?? 1);
    }
    return x;
  }
}
const NONE: ReadonlyMap<number, number> = new Map();
