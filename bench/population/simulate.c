/* The reference run in plain C, all runs of a year at once. Prints milliseconds (median of the repeats) and the quantiles as JSON.
   cc -O3 -o simulate simulate.c -lm */
#include <stdint.h>
#include <stdio.h>
#include <stdlib.h>
#include <string.h>
#include <time.h>

static uint32_t s[4];
static inline uint32_t rotl(uint32_t x, int k) { return (x << k) | (x >> (32 - k)); }
/* xoshiro128** of Blackman and Vigna (2018), public domain. */
static inline uint32_t next(void) {
  uint32_t result = rotl(s[1] * 5, 7) * 9, t = s[1] << 9;
  s[2] ^= s[0]; s[3] ^= s[1]; s[1] ^= s[2]; s[0] ^= s[3]; s[2] ^= t; s[3] = rotl(s[3], 11);
  return result;
}
static void seed(uint32_t x) {
  for (int i = 0; i < 4; i++) {
    x += 0x9e3779b9u;
    uint32_t z = x;
    z = (z ^ (z >> 16)) * 0x85ebca6bu; z = (z ^ (z >> 13)) * 0xc2b2ae35u;
    s[i] = z ^ (z >> 16);
  }
}
static double kth(double *a, int left, int right, int k) {
  while (left < right) {
    double pivot = a[(left + right) >> 1];
    int i = left, j = right;
    while (i <= j) {
      while (a[i] < pivot) i++;
      while (a[j] > pivot) j--;
      if (i <= j) { double x = a[i]; a[i++] = a[j]; a[j--] = x; }
    }
    if (k <= j) right = j; else if (k >= i) left = i; else break;
  }
  return a[k];
}
static int byValue(const void *a, const void *b) { double x = *(const double *)a, y = *(const double *)b; return (x > y) - (x < y); }
static double now(void) { struct timespec t; clock_gettime(CLOCK_MONOTONIC, &t); return 1e3 * t.tv_sec + 1e-6 * t.tv_nsec; }

int main(int argc, char **argv) {
  if (argc < 3) return 1;
  FILE *f = fopen(argv[1], "r");
  int stages, classes, entries, runs, years, repeats = atoi(argv[2]);
  double capacity, floor_;
  if (!f || fscanf(f, "%d %d %d %d %d %lf %lf", &stages, &classes, &entries, &runs, &years, &capacity, &floor_) != 7) return 1;
  int *counted = malloc(stages * sizeof(int)), *row = malloc(entries * sizeof(int)), *col = malloc(entries * sizeof(int));
  double *start = malloc(stages * sizeof(double)), *values = malloc((size_t)entries * classes * sizeof(double));
  for (int i = 0; i < stages; i++) if (fscanf(f, "%d", counted + i) != 1) return 1;
  for (int i = 0; i < stages; i++) if (fscanf(f, "%lf", start + i) != 1) return 1;
  for (int e = 0; e < entries; e++) if (fscanf(f, "%d %d", row + e, col + e) != 2) return 1;
  for (int x = 0; x < entries * classes; x++) if (fscanf(f, "%lf", values + x) != 1) return 1;
  double *n = malloc((size_t)stages * runs * sizeof(double)), *m = malloc((size_t)stages * runs * sizeof(double));
  double *total = malloc(runs * sizeof(double)), fan[5], times[1000], q[5] = {.05, .25, .5, .75, .95};
  uint32_t *k = malloc(runs * sizeof(uint32_t));
  char *below = malloc(runs);
  int under = 0, ever = 0;
  for (int repeat = 0; repeat < repeats && repeat < 1000; repeat++) {
    double before = now();
    seed(repeat + 1);
    for (int i = 0; i < stages; i++) for (int r = 0; r < runs; r++) n[(size_t)i * runs + r] = start[i];
    memset(below, 0, runs);
    for (int year = 0; year < years; year++) {
      for (int r = 0; r < runs; r++) k[r] = next() & (classes - 1);
      memset(m, 0, (size_t)stages * runs * sizeof(double));
      for (int e = 0; e < entries; e++) {
        const double *v = values + (size_t)e * classes, *from = n + (size_t)col[e] * runs;
        double *to = m + (size_t)row[e] * runs;
        for (int r = 0; r < runs; r++) to[r] += v[k[r]] * from[r];
      }
      memset(total, 0, runs * sizeof(double));
      for (int i = 0; i < stages; i++) if (counted[i]) for (int r = 0; r < runs; r++) total[r] += m[(size_t)i * runs + r];
      for (int i = 0; i < stages; i++) if (counted[i]) for (int r = 0; r < runs; r++) m[(size_t)i * runs + r] *= total[r] > capacity ? capacity / total[r] : 1.0;
      under = 0;
      for (int r = 0; r < runs; r++) {
        if (total[r] > capacity) total[r] = capacity;
        if (total[r] < floor_) { under++; below[r] = 1; }
      }
      for (int x = 0, left = 0; x < 5; x++) { int at = (int)(q[x] * (runs - 1)); fan[x] = kth(total, left, runs - 1, at); left = at; }
      double *swap = n; n = m; m = swap;
    }
    times[repeat] = now() - before;
  }
  for (int r = 0; r < runs; r++) ever += below[r];
  qsort(times, repeats, sizeof(double), byValue);
  printf("{\"ms\": %.3f, \"fan\": [%.6f, %.6f, %.6f, %.6f, %.6f], \"below\": %.5f, \"ever\": %.5f}\n", times[repeats / 2], fan[0], fan[1], fan[2], fan[3], fan[4], (double)under / runs, (double)ever / runs);
  return 0;
}
