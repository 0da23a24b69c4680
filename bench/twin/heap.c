/*
 * The step of core/heat/step.ts once more, number by number, in C: what the same arithmetic costs without JavaScript.
 * Reads a heap as `npm run bench` prints it, runs it so many times, and says how long one run takes and where it ended.
 */
#include <math.h>
#include <stdio.h>
#include <time.h>

#define S 6
#define PER_UNIT 400
#define PER_K 4
#define COLD (-60.0)
#define WARM 110.0

static double HOT[(170) * PER_K + 2], COOL[(170) * PER_K + 2], SAT[(170) * PER_K + 2], MOIST[PER_UNIT + 2], CREEP[PER_UNIT + 2], AIRY[PER_UNIT + 2];

static double cardinal(double c, double lo, double opt, double hi) {
  if (c <= lo || c >= hi) return 0;
  double above = c - lo, whole = opt - lo;
  return (c - hi) * above * above / (whole * (whole * (c - opt) - (opt - hi) * (opt + lo - 2 * c)));
}
static double saturated(double c) {
  double p = 6.112 * exp(17.62 * fmin(90, c) / (243.12 + fmin(90, c)));
  return 0.622 * p / (1013 - p);
}
static double slope(double c, double x) { return x * (1 + x / 0.622) * 17.62 * 243.12 / ((243.12 + c) * (243.12 + c)); }
static double at_share(const double *t, double s) {
  double at = s <= 0 ? 0 : s >= 1 ? PER_UNIT : s * PER_UNIT;
  int b = (int)at;
  return t[b] + (at - b) * (t[b + 1] - t[b]);
}
static double at_celsius(const double *t, double c) {
  double at = c <= COLD ? 0 : c >= WARM ? (WARM - COLD) * PER_K : (c - COLD) * PER_K;
  int b = (int)at;
  return t[b] + (at - b) * (t[b + 1] - t[b]);
}
static void tables(void) {
  for (int i = 0; i < 170 * PER_K + 2; i++) {
    double c = fmin(WARM, COLD + (double)i / PER_K);
    HOT[i] = cardinal(c, 0, 59, 82), COOL[i] = cardinal(c, -5, 38, 50), SAT[i] = saturated(c);
  }
  for (int i = 0; i < PER_UNIT + 2; i++) {
    double s = fmin(1, (double)i / PER_UNIT);
    MOIST[i] = 1 / (exp(-17.684 * s + 7.0622) + 1), CREEP[i] = pow(s, 10.0 / 3), AIRY[i] = 1 / (exp(-23.675 * s + 3.4945) + 1);
  }
}

/* Constants and the heap, in the order in which the bench writes them. */
static struct {
  double rapidDay, mediumDay, slowDay, coolShare, coolLater, coolLaterDays, growthDay, diesDayK, reach, reachDays, heat, oxygen, water, half, stream, sides, creep, mats, conductivity, topW, groundW, drying, wick, drains, limp, stiffMost, load, settles, sinking, crumbs;
  double foot, perimeter, wallW, bare, topBare, airC;
} k;
typedef struct {
  double c[S], w[S], r[S], m[S], s[S], rest[S], mic[S], reach[S], warming[S];
  double ash, nitrogen, carbon, mats, stiff, holds, pace, looseL, looseAir, dry0, usable0, settled, day, packed, stride;
  double volume, holdsNow, passes, open, area, meanW, bareM2, decayed, lost;
} heap;

static double permeability(double a) {
  double f = a * a * a / ((1 - a) * (1 - a) + 1e-3);
  return f / (1 + 2 * f);
}
static void pack(heap *h) {
  double water = 0, dry = 0, share[3], room = 0, product = 1, open = 0;
  for (int i = 0; i < S; i++) water += h->w[i], dry += h->r[i] + h->m[i] + h->s[i] + h->rest[i];
  double left = dry / h->dry0;
  h->holdsNow = h->holds * (1 + k.crumbs * fmax(0, 0.8 - left));
  double soaked = fmin(2, water / (dry * h->holdsNow + 1e-9)), weak = soaked * soaked / (1 + soaked * soaked), stiff = h->stiff * (1 - 0.5 * weak);
  double most = fmin(0.75, (k.limp + (k.stiffMost - k.limp) * stiff) * h->looseAir * h->looseAir), half = k.load * (1.5 - weak), load = (water + dry) * 0.00981 / k.foot;
  double slump = fmin(0.45, fmax(0.02, k.settles * (h->looseAir - 0.5))) * h->settled;
  for (int l = 0; l < 3; l++) {
    double kpa = load * (l + 0.5) / 3 * (0.4 + 0.6 * h->settled);
    share[l] = 1 - most * kpa / (kpa + half), room += share[l] / 3;
  }
  double loose = h->looseL / 1000 * (1 - slump) * pow(left, k.sinking), ash = fmin(h->ash, dry), solid = water / 1000 + (dry - ash) / 1600 + ash / 2500;
  h->volume = fmax(loose * room, solid * 1.02);
  for (int l = 0; l < 3; l++) {
    double air = fmax(0.005, 1 - solid / (h->volume * share[l] / room));
    product *= permeability(air), open += at_share(AIRY, air) / 3;
  }
  h->passes = cbrt(product), h->open = open / at_share(AIRY, 1 - solid / h->volume), h->packed = h->day;
  double sides = k.perimeter * h->volume / k.foot;
  h->area = sides + 2 * k.foot, h->meanW = (sides * k.wallW + k.foot * (k.topW + k.groundW)) / h->area, h->bareM2 = sides * k.bare + k.foot * k.topBare;
}
static double gone(double x) { return x < 2 ? x / (1 + x / 2 + x * x / 12) : -expm1(-x); }
static double MID[S], BOUND[S];

static void step(heap *h, double days) {
  if (h->day - h->packed >= 0.24) pack(h);
  double dryKg[S], pace[S], air[S], comfort[S], right[S], diagonal[S], link[S], carries[S], more_[S];
  double radius = 3 * h->volume / h->area, shell = h->volume / S, warmth = 0;
  for (int i = 0; i < S; i++) warmth += (h->c[i] - k.airC) / S;
  double unmatted = 1 - k.mats * h->mats, stream = k.stream * unmatted * h->passes * fabs(warmth) * k.foot / (1 + k.foot / (k.perimeter * k.sides)) / S;
  double ash = h->ash / h->dry0, general = h->pace * (h->carbon > 30 * h->nitrogen ? 30 * h->nitrogen / h->carbon : 1), cool = k.coolShare + (k.coolLater - k.coolShare) * h->day / (h->day + k.coolLaterDays);
  for (int i = 0; i < S; i++) {
    double dry = h->r[i] + h->m[i] + h->s[i] + h->rest[i], water = h->w[i];
    dryKg[i] = dry;
    double pores = fmax(0.02, 1 - dry * ((1 - ash) / 1600 + ash / 2500) / shell), space = fmax(0, pores - water / 1000 / shell), depth = fmax(0.06, radius * (1 - MID[i]));
    air[i] = stream;
    double supply = 0.232 * (stream + k.creep * unmatted * at_share(CREEP, space) / (pores * pores) * shell / (depth * depth)) + 1e-7;
    double t = h->c[i] + fmax(-3, fmin(3, 0.5 * days * h->warming[i]));
    double climate = fmax(at_celsius(HOT, t), cool * at_celsius(COOL, t)) * at_share(MOIST, water / (water + dry + 1e-12));
    comfort[i] = climate;
    double p = general * climate * fmin(1, at_share(AIRY, space) * h->open) * h->mic[i] * h->reach[i];
    double wanted = p * (k.rapidDay * h->r[i] + k.mediumDay * h->m[i] + k.slowDay * h->s[i]), soaked = water / (dry * h->holdsNow + 1e-9), films = soaked * soaked * soaked * soaked;
    double half = k.half * (1 + fmin(1e4, films * films)), demand = k.oxygen * wanted;
    double b = 20.9 * demand - (20.9 - half) * supply, c = 20.9 * half * supply, root = sqrt(b * b + 4 * supply * c), o2 = b > 0 ? 2 * c / (b + root) : (root - b) / (2 * supply);
    pace[i] = p * o2 / (o2 + half);
  }
  double usable = h->usable0 / S + 1e-9, regained = days / (k.reachDays + days), grows = 0;
  for (int i = 0; i < S; i++) {
    double p = pace[i] * days, r = h->r[i] * gone(p * k.rapidDay), m = h->m[i] * gone(p * k.mediumDay), s = h->s[i] * gone(p * k.slowDay), all = r + m + s;
    h->r[i] -= r, h->m[i] -= m, h->s[i] -= s, right[i] = all * k.heat, h->w[i] += all * k.water, dryKg[i] -= all, h->decayed += all;
    double mic = h->mic[i], g = k.growthDay * comfort[i];
    if (mic < 0.97 && g > grows) grows = g;
    double x = fmin(4, g * days), up = (x + 3) * (x + 3) + 3, down = (x - 3) * (x - 3) + 3, grown = mic * up / (mic * up + (1 - mic) * down), dying = h->c[i] + 0.5 * days * h->warming[i] - 62;
    h->mic[i] = dying > 0 ? fmax(0.02, grown / (1 + k.diesDayK * dying * days)) : grown;
    double left = h->reach[i] / (1 + k.reach * all / usable);
    h->reach[i] = left + (1 - left) * regained;
  }
  double spheres = h->volume / (4.0 / 3 * M_PI * radius * radius * radius), mass = 0;
  for (int i = 0; i < S; i++) mass += h->w[i] + dryKg[i];
  double conducts = fmin(0.55, fmax(0.15, k.conductivity * sqrt(mass / h->volume / 400))) * 0.0864, humidity = fmax(0.4, fmin(0.85, 0.85 - 0.012 * (k.airC - 8))), outside = humidity * at_celsius(SAT, k.airC), wind = k.drying * h->bareM2;
  for (int i = 0; i < S; i++) {
    double t = h->c[i], water = h->w[i], dry = dryKg[i], gives = water / (water + 0.12 * dry + 1e-12), x = at_celsius(SAT, t), more = fmax(0, x * gives - outside);
    double flow = fmin((air[i] + (i == S - 1 ? wind : 0)) * days, 0.4 * water / (more + 1e-6));
    carries[i] = flow * more, more_[i] = more > 0 ? flow * gives * slope(t, x) : 0, air[i] = flow;
    double a = carries[i] * 2.43 + flow * 0.00101 * (t - k.airC), b = more_[i] * 2.43 + flow * 0.00101, cap = water * 0.00418 + dry * 0.0014;
    diagonal[i] = cap + b, right[i] += cap * t - a + b * t;
  }
  for (int i = 0; i < S - 1; i++) {
    double g = days * spheres * conducts * 4 * M_PI * radius * BOUND[i] * BOUND[i] / (MID[i + 1] - MID[i]);
    link[i] = g, diagonal[i] += g, diagonal[i + 1] += g;
  }
  double through = days * h->area / (1 / (h->meanW * 0.0864) + radius * (1 - MID[S - 1]) / conducts);
  diagonal[S - 1] += through, right[S - 1] += through * k.airC;
  for (int i = 1; i < S; i++) {
    double share = link[i - 1] / diagonal[i - 1];
    diagonal[i] -= share * link[i - 1], right[i] += share * right[i - 1];
  }
  right[S - 1] /= diagonal[S - 1];
  for (int i = S - 2; i >= 0; i--) right[i] = (right[i] + link[i] * right[i + 1]) / diagonal[i];
  double fastest = 0, warmest = 0;
  for (int i = 0; i < S; i++) {
    double t = h->c[i], next = right[i], leaves = carries[i] + more_[i] * (next - t), gone_ = fmin(h->w[i] * 0.9, fmax(0, leaves));
    h->lost += leaves * 2.43 + air[i] * 0.00101 * (next - k.airC) + (i == S - 1 ? through * (next - k.airC) : 0);
    h->warming[i] = (next - t) / days, fastest = fmax(fastest, fabs(h->warming[i])), warmest = fmax(warmest, next), h->c[i] = next, h->w[i] -= gone_;
  }
  double evens = days / (k.wick + days) / 2;
  for (int i = 1; i < S; i++) {
    double moves = evens * (h->w[i - 1] * dryKg[i] - h->w[i] * dryKg[i - 1]) / (dryKg[i] + dryKg[i - 1] + 1e-12), kg = fabs(moves);
    int from = moves > 0 ? i - 1 : i, to = moves > 0 ? i : i - 1;
    double before = h->w[to] * 0.00418 + dryKg[to] * 0.0014;
    h->w[from] -= kg, h->w[to] += kg, h->c[to] = (before * h->c[to] + kg * 0.00418 * h->c[from]) / (before + kg * 0.00418);
  }
  for (int i = 0; i < S; i++) {
    double drained = h->w[i] - dryKg[i] * h->holds * k.drains;
    if (drained > 0) h->w[i] -= drained;
  }
  h->settled += (1 - h->settled) * days / (2.5 + days);
  double stride = warmest - k.airC > 6 ? fmin(0.5, 2.0 / (fastest + 1e-9)) : fmin(1, 2.0 / (fastest + 1e-9));
  h->stride = fmax(1.0 / 64, fmin(h->stride * 1.6, fmin(stride, 0.15 / (grows + 1e-9))));
  h->day += days;
}

int main(void) {
  double *constant = (double *)&k, start[9], whole[15];
  int runs, days;
  if (scanf("%d %d", &runs, &days) != 2) return 1;
  for (unsigned i = 0; i < sizeof k / sizeof(double); i++) if (scanf("%lf", constant + i) != 1) return 1;
  for (int i = 0; i < 9; i++) if (scanf("%lf", start + i) != 1) return 1;
  for (int i = 0; i < 15; i++) if (scanf("%lf", whole + i) != 1) return 1;
  tables();
  for (int i = 0; i < S; i++) MID[i] = cbrt((i + 0.5) / S), BOUND[i] = cbrt((i + 1.0) / S);
  heap h = {0};
  double sum = 0;
  struct timespec from, to;
  clock_gettime(CLOCK_MONOTONIC, &from);
  for (int run = 0; run < runs; run++) {
    for (int i = 0; i < S; i++) h.c[i] = start[0], h.w[i] = start[1], h.r[i] = start[2], h.m[i] = start[3], h.s[i] = start[4], h.rest[i] = start[5], h.mic[i] = start[6], h.reach[i] = start[7], h.warming[i] = start[8];
    h.ash = whole[0], h.nitrogen = whole[1], h.carbon = whole[2], h.mats = whole[3], h.stiff = whole[4], h.holds = whole[5], h.pace = whole[6], h.looseL = whole[7], h.looseAir = whole[8], h.dry0 = whole[9], h.usable0 = whole[10], h.settled = whole[11], h.day = 0, h.packed = -1, h.stride = whole[14], h.decayed = 0, h.lost = 0;
    pack(&h);
    for (int day = 1; day <= days; day++) {
      while (day - h.day > 1e-9) {
        double most = day - h.day;
        step(&h, most <= h.stride ? most : most < 2 * h.stride ? most / 2 : h.stride);
        if (day - h.day < 1e-9) h.day = day;
      }
    }
    sum += h.c[0];
  }
  clock_gettime(CLOCK_MONOTONIC, &to);
  double ms = (to.tv_sec - from.tv_sec) * 1000.0 + (to.tv_nsec - from.tv_nsec) / 1e6;
  printf("%.6f %.6f %.6f\n", ms / runs, sum / runs, h.decayed);
  return 0;
}
