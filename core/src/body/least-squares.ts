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
  /** Where it is solved: the system itself stays, to be solved again with more of it fixed. */
  readonly #factor: Float64Array;

  constructor(size: number) {
    this.#size = size;
    this.#matrix = new Float64Array(size * size);
    this.#right = new Float64Array(size);
    this.#places = new Uint8Array(size);
    this.#factor = new Float64Array(size * size);
  }

  /** Wants nothing any more. */
  clear(): void {
    this.#matrix.fill(0);
    this.#right.fill(0);
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
    this.#right[at] = (this.#right[at] as number) + weight * wanted;
    this.#matrix[place] = (this.#matrix[place] as number) + weight;
  }

  /**
   * The unknowns that come nearest to all that is wanted.
   *
   * @param fixed unknowns that are given, with their values
   */
  solve(fixed: ReadonlyMap<number, number> = NONE): Float64Array {
    const n = this.#size;
    const m = this.#factor;
    m.set(this.#matrix);
    const x = this.#right.slice();
    for (const [at, value] of fixed) {
      for (let i = 0; i < n; i++) {
        const place = i < at ? at * n + i : i * n + at;
        x[i] = (x[i] as number) - (m[place] as number) * value;
        m[place] = 0;
      }
      m[at * n + at] = 1;
      x[at] = value;
    }
    for (let i = 0; i < n; i++) {
      const row = i * n;
      // A little more on the diagonal keeps what nobody asks for from dividing by nothing.
      m[row + i] = (m[row + i] as number) * (1 + 1e-12) + 1e-12;
      for (let j = 0; j <= i; j++) {
        const above = j * n;
        let sum = m[row + j] as number;
        for (let k = 0; k < j; k++) sum -= (m[row + k] as number) * (m[above + k] as number);
        m[row + j] = i === j ? Math.sqrt(Math.max(sum, 1e-18)) : sum / (m[above + j] as number);
      }
    }
    for (let i = 0; i < n; i++) {
      const row = i * n;
      let sum = x[i] as number;
      for (let k = 0; k < i; k++) sum -= (m[row + k] as number) * (x[k] as number);
      x[i] = sum / (m[row + i] as number);
    }
    for (let i = n - 1; i >= 0; i--) {
      let sum = x[i] as number;
      for (let k = i + 1; k < n; k++) sum -= (m[k * n + i] as number) * (x[k] as number);
      x[i] = sum / (m[i * n + i] as number);
    }
    return x;
  }
}
const NONE: ReadonlyMap<number, number> = new Map();
