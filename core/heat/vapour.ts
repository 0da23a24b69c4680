const PRESSURE_HPA = 1013

const vapourPressureHpa = (celsius: number) => 6.112 * Math.exp(17.62 * celsius / (243.12 + celsius))

/** Water in saturated air, kg per kg of dry air, at sea level: the Magnus formula. For −20 to 90 °C; held at 90 above. */
export function saturatedWaterKgPerKg(celsius: number): number {
  const pressureHpa = vapourPressureHpa(Math.min(90, celsius))
  return 0.622 * pressureHpa / (PRESSURE_HPA - pressureHpa)
}

/** How much more saturated air holds for each kelvin, kg per kg and K: the derivative of the formula from what it holds. */
export function saturationSlope(celsius: number, waterKgPerKg: number): number {
  // X = 0.622·e/(p − e), so X' = X·e'/e·p/(p − e) and p/(p − e) = 1 + X/0.622.
  return waterKgPerKg * (1 + waterKgPerKg / 0.622) * 17.62 * 243.12 / (243.12 + celsius) ** 2
}
