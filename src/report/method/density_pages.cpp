#include "report/method/density_pages.hpp"

#include "report/base/words.hpp"

namespace fusain::report {

QString DensityPages::intervalMeaning() {
    return tr("The interval holds what the measurement itself leaves open. The method error is the "
              "spread of fat-free density between people; repeating the test does not shrink it.");
}

QString DensityPages::methodErrorName() {
    return tr("apart: fat-free density of people");
}

QString DensityPages::checksTitle() {
    return tr("Checks, lungs and preparation");
}

} // namespace fusain::report
