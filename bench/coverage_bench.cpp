// How often the 95 % interval holds the truth and how often an unchanged person is called changed, by method:
// coverage_bench [people, 2000]
#include "support/coverage.hpp"

#include <cstdio>
#include <cstdlib>

int main(int count, char** arguments) {
    using namespace fusain::coverage;
    const int people = count > 1 ? std::atoi(arguments[1]) : 2000;
    std::printf("%-34s %6s %8s %24s %24s %6s\n", "method", "people", "95 % CI", "leanest/middle/fattest third",
                "false change fat/FFM/%", "found");
    for (const NamedMethod& each : allMethods()) {
        const Coverage c = coverageOf(each.method, people);
        std::printf("%-34s %6d %7.1f%% %9.1f%% %7.1f%% %7.1f%%", each.name, c.people, 100.0 * c.covered,
                    100.0 * c.coveredByFatness[0], 100.0 * c.coveredByFatness[1],
                    100.0 * c.coveredByFatness[2]);
        if (each.followed)
            std::printf(" %9.1f%% %6.1f%% %6.1f%% %5.0f%%", 100.0 * c.falseFat, 100.0 * c.falseFree,
                        100.0 * c.falsePercent, 100.0 * c.found);
        std::printf("\n");
    }
}
