/** A normal distribution in several dimensions: its middle, and a lower triangular root of its covariance, row by row. */
export interface Bell {
  readonly middle: Float64Array
  readonly root: Float64Array
  /** Logarithm of the root's determinant. */
  readonly logDeterminant: number
}

/** The standard one: middle 0, spread 1 in each dimension. */
export function standardBell(dimensions: number): Bell {
  const root = new Float64Array(dimensions * dimensions)
  for (let i = 0; i < dimensions; i++) root[i * dimensions + i] = 1
  return { middle: new Float64Array(dimensions), root, logDeterminant: 0 }
}

/** Added to every variance, so that a covariance of few members can still be inverted. */
const FLOOR = 0.01

function covariance(points: readonly Float64Array[], weights: Float64Array, middle: Float64Array, widen: number): Float64Array {
  const n = middle.length
  const sum = new Float64Array(n * n)
  points.forEach((point, index) => {
    for (let i = 0; i < n; i++) {
      const from = weights[index]! * (point[i]! - middle[i]!)
      for (let j = 0; j <= i; j++) sum[i * n + j]! += widen * from * (point[j]! - middle[j]!)
    }
  })
  for (let i = 0; i < n; i++) sum[i * n + i]! += FLOOR
  return sum
}

/** Lower triangular root of a positive definite matrix, in place (Cholesky). */
function rootInPlace(matrix: Float64Array, n: number): void {
  for (let j = 0; j < n; j++) {
    for (let k = 0; k < j; k++) {
      for (let i = j; i < n; i++) matrix[i * n + j]! -= matrix[i * n + k]! * matrix[j * n + k]!
    }
    const pivot = Math.sqrt(Math.max(1e-12, matrix[j * n + j]!))
    for (let i = j; i < n; i++) matrix[i * n + j]! /= pivot
  }
}

/** The bell of weighted points, `widen` times their covariance. */
export function bellAround(points: readonly Float64Array[], weights: Float64Array, widen: number): Bell {
  const n = points[0]?.length ?? 0
  const middle = new Float64Array(n)
  points.forEach((point, index) => {
    for (let i = 0; i < n; i++) middle[i]! += weights[index]! * point[i]!
  })
  const root = covariance(points, weights, middle, widen)
  rootInPlace(root, n)
  let logDeterminant = 0
  for (let i = 0; i < n; i++) logDeterminant += Math.log(root[i * n + i]!)
  return { middle, root, logDeterminant }
}

/** A draw from the bell. @param steps standard normals, one a dimension. */
export function placed({ middle, root }: Bell, steps: Float64Array): Float64Array {
  const n = middle.length
  return Float64Array.from(middle, (from, i) => {
    let sum = from
    for (let j = 0; j <= i; j++) sum += root[i * n + j]! * steps[j]!
    return sum
  })
}

/** Logarithm of the density at a point, without the factor that all bells of a dimension share. */
export function logDensity({ middle, root, logDeterminant }: Bell, point: Float64Array): number {
  const n = middle.length
  const solved = new Float64Array(n)
  let squares = 0
  for (let i = 0; i < n; i++) {
    let rest = point[i]! - middle[i]!
    for (let j = 0; j < i; j++) rest -= root[i * n + j]! * solved[j]!
    solved[i] = rest / root[i * n + i]!
    squares += solved[i]! * solved[i]!
  }
  return -squares / 2 - logDeterminant
}
