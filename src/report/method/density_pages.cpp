#include "report/method/density_pages.hpp"

#include "report/base/words.hpp"

namespace fusain::report {

QString DensityPages::intervalMeaning() {
    return tr(
        "The 95 % CI is how far the value may be from the truth for this person, the spread of fat-free "
        "density "
        "between people included. The LSC (least significant change, 95 %) is the smallest change that two visits can show. "
        "The repeatability SD is that of readings in one session.");
}

QString DensityPages::checksTitle() {
    return tr("Checks, lungs and preparation");
}

} // namespace fusain::report
