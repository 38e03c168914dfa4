/** A symmetric matrix of which only a band beside its diagonal is filled: the lower half of it, row by row. */
export class Banded {
  readonly size: number;
  readonly band: number;
  readonly cells: Float64Array;

  /** @param band how many places beside the diagonal may be filled. */
  constructor(size: number, band: number) {
    this.size = size;
    this.band = band;
    this.cells = new Float64Array(size * (band + 1));
  }

  /** Adds to a cell; the fellow across the diagonal is the same cell. */
  add(row: number, column: number, value: number): void {
    const [low, high] = row < column ? [row, column] : [column, row];
    const at = high * (this.band + 1) + (low - high + this.band);
    this.cells[at] = (this.cells[at] as number) + value;
  }

  /**
   * Solves for a right-hand side (Cholesky within the band); the matrix is used up.
   * @returns null where it is not positive.
   */
  solve(right: Float64Array): Float64Array | null {
    const { size, band, cells } = this;
    const width = band + 1;
    for (let row = 0; row < size; row += 1) {
      const first = Math.max(0, row - band);
      // Where a row of the band would have its column 0.
      const own = row * width - row + band;
      for (let column = first; column <= row; column += 1) {
        const other = column * width - column + band;
        let sum = cells[own + column] as number;
        for (let k = Math.max(first, column - band); k < column; k += 1)
          sum -= (cells[own + k] as number) * (cells[other + k] as number);
        if (column < row) cells[own + column] = sum / (cells[other + column] as number);
        else if (sum > 0) cells[own + row] = Math.sqrt(sum);
        else return null;
      }
    }
    const answer = Float64Array.from(right);
    for (let row = 0; row < size; row += 1) {
      let sum = answer[row] as number;
      for (let k = Math.max(0, row - band); k < row; k += 1)
        sum -= (cells[row * width + k - row + band] as number) * (answer[k] as number);
      answer[row] = sum / (cells[row * width + band] as number);
    }
    for (let row = size - 1; row >= 0; row -= 1) {
      let sum = answer[row] as number;
      for (let k = row + 1; k <= Math.min(size - 1, row + band); k += 1)
        sum -= (cells[k * width + row - k + band] as number) * (answer[k] as number);
      answer[row] = sum / (cells[row * width + band] as number);
    }
    return answer;
  }
}
