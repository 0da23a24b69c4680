import { shuffled, type Random } from '../random/random'
import { quantileOfNormal } from '../statistics/normal'

/**
 * So many draws of standard normals that lie evenly: each dimension by itself takes every one of as many equally likely stretches
 * once, in an order of its own (Latin hypercube; McKay, Beckman and Conover 1979). Another seed moves them within their stretches.
 * @param count draws, at least 1. @param dimensions of each.
 */
export function evenNormals(count: number, dimensions: number, random: Random): Float64Array[] {
  const draws = Array.from({ length: count }, () => new Float64Array(dimensions))
  const stretches = Array.from({ length: count }, (_, index) => index)
  for (let dimension = 0; dimension < dimensions; dimension++) {
    const order = shuffled(stretches, random)
    draws.forEach((draw, index) => { draw[dimension] = quantileOfNormal((order[index]! + random()) / count) })
  }
  return draws
}
