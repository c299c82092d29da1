/* The baseline of the batch benchmark: reads the same columns, computes density and Siri %fat, nothing else. */
#include <math.h>
#include <stdio.h>
#include <stdlib.h>
#include <string.h>

static double water(double t) {
    return 999.974950 * (1.0 - (t - 3.983035) * (t - 3.983035) * (t + 301.797) / (522528.9 * (t + 69.34881))) / 1000.0;
}

int main(void) {
    static char line[65536];
    if (!fgets(line, sizeof line, stdin))
        return 1;
    puts("id,body_density_kg_per_l,fat_percent");
    while (fgets(line, sizeof line, stdin)) {
        char* cell[10] = {0};
        char* at = line;
        for (int i = 0; i < 10 && at; ++i) {
            cell[i] = at;
            at = strchr(at, ',');
            if (at)
                *at++ = 0;
        }
        const double mass = strtod(cell[4], 0), net = strtod(cell[5], 0) - strtod(cell[6], 0);
        const double density = mass / ((mass - net) / water(strtod(cell[7], 0)) - strtod(cell[8], 0) - 0.1);
        printf("%s,%.17g,%.17g\n", cell[0], density, 495.0 / density - 450.0);
    }
    return 0;
}
