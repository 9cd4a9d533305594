/**
 * Least squares for a handful of unknowns: rows are gathered one by one, then solved by Cholesky.
 *
 * @example const line = new LeastSquares(1); line.add([2], 6); line.solve() // [3]
 */
export class LeastSquares {
  readonly #size: number;
  readonly #matrix: Float64Array;
  readonly #right: Float64Array;
  readonly #places: Uint8Array;

  constructor(size: number) {
    this.#size = size;
    this.#matrix = new Float64Array(size * size);
    this.#right = new Float64Array(size);
    this.#places = new Uint8Array(size);
  }

  /** Wants the row times the unknowns to be this much; `weight` says how much that counts beside the others. */
  add(row: ArrayLike<number>, wanted: number, weight = 1): void {
    const n = this.#size;
    const matrix = this.#matrix;
    const right = this.#right;
    const places = this.#places;
    // Most of a row is nothing: only what is something is multiplied.
    let count = 0;
    for (let i = 0; i < n; i++) if (row[i] !== 0) places[count++] = i;
    for (let a = 0; a < count; a++) {
      const i = places[a] as number;
      const scaled = (row[i] as number) * weight;
      right[i] = (right[i] as number) + scaled * wanted;
      // The matrix is its own mirror: one half is enough.
      for (let b = 0; b <= a; b++) {
        const j = places[b] as number;
        matrix[i * n + j] = (matrix[i * n + j] as number) + scaled * (row[j] as number);
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
    const m = this.#matrix.slice();
    const x = this.#right.slice();
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
        const row = i * n;
        const above = j * n;
        let sum = m[row + j] ?? 0;
        for (let k = 0; k < j; k++) sum -= (m[row + k] ?? 0) * (m[above + k] ?? 0);
        m[row + j] = i === j ? Math.sqrt(Math.max(sum, 1e-18)) : sum / (m[above + j] ?? 1);
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
