/* The conduction kernel of core/Heat/Simulation in C, only to compare speeds: 16 shells and the pot, backward Euler. */
#include <math.h>
#include <stdio.h>
#include <stdlib.h>
#include <time.h>

#define N 16

static double run(double factor)
{
    const double form[3] = {1, 1.7, 2.4}, volume = 3.0 / 1050, dt_short = 60, dt_long = 180;
    const double a = cbrt(volume / (8 * form[0] * form[1] * form[2]));
    const double e = 1 + 1 / (form[1] * form[1]) + 1 / (form[2] * form[2]);
    const double area = 0.0145 * pow(5.7, 2.0 / 3), power = 0.68 * 169.05 * factor, loss = 0.68 * 169.05 / 77, room = 21, boil = 100;
    const double capacity = 3.03 * 880 + 0.5 * 4050 + 0.5 * 3900;
    double heat[N], between[N], surface, theta[N], alpha[N], old[N], inner[N], beta[N];
    for (int i = 0; i < N; ++i) {
        heat[i] = 1050 * 3450 * volume * (pow((i + 1.0) / N, e) - pow((double)i / N, e));
        between[i] = 0.46 / (a / N) * e * volume / a * pow((i + 1.0) / N, e - 1);
        theta[i] = 10;
    }
    surface = e * volume / a / (a / N / 2 / 0.46 + 1 / 250.0);
    double pot = (3.03 * 880 * 20 + 0.5 * 4050 * 20 + 0.5 * 3900 * 15) / capacity, core = 10, dose = 0, evaporated = 0, time = 0;
    double rate = exp((core - 90) * M_LN10 / 28);
    int slow = 0;
    while (time < 16 * 3600 - 1) {
        const double dt = slow ? dt_long : dt_short, until = time + 3600;
        for (int i = 0; i < N; ++i) {
            const double out = i < N - 1 ? between[i] : surface, in = i > 0 ? between[i - 1] : 0;
            const double diagonal = heat[i] / dt + out + (i > 0 ? in * (1 - alpha[i - 1]) : 0);
            alpha[i] = out / diagonal;
            old[i] = heat[i] / dt / diagonal;
            inner[i] = in / diagonal;
        }
        const double storage = capacity / dt, base = storage + loss + surface * (1 - alpha[N - 1]);
        while (time < until - 1) {
            const double gone = 0.018 / 3600 / 0.0463 * area * exp((pot - boil) / 18);
            double previous = 0;
            for (int i = 0; i < N; ++i) {
                previous = beta[i] = old[i] * theta[i] + inner[i] * previous;
            }
            pot = (storage * pot + power + loss * room - gone * 2.257e6 + surface * previous) / base;
            if (pot > boil) {
                pot = boil;
            }
            double outer = pot;
            for (int i = N - 1; i >= 0; --i) {
                outer = theta[i] = alpha[i] * outer + beta[i];
            }
            core = theta[0] - (theta[1] - theta[0]) * 0.125;
            const double before = rate;
            rate = exp((core - 90) * M_LN10 / 28);
            dose += (before + rate) * dt / 7200;
            evaporated += gone * dt * 1000;
            time += dt;
        }
        slow = core >= 63;
    }
    return dose + evaporated * 1e-9;
}

int main(int argc, char **argv)
{
    const int count = argc > 1 ? atoi(argv[1]) : 2000;
    struct timespec from, to;
    double sum = 0;
    clock_gettime(CLOCK_MONOTONIC, &from);
    for (int i = 0; i < count; ++i) {
        sum += run(1 + i / 1e5);
    }
    clock_gettime(CLOCK_MONOTONIC, &to);
    printf("%.6f %.6f\n", ((to.tv_sec - from.tv_sec) * 1e3 + (to.tv_nsec - from.tv_nsec) / 1e6) / count, sum / count);
    return 0;
}
