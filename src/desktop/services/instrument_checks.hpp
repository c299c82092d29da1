#pragma once
#include "record/lab/instrument.hpp"
#include "store/book/lab_book.hpp"

namespace fusain {
struct LabCatalogue;
}

namespace fusain::desktop {

/// Whether the lab's instruments may be used, and what their checks found.
class InstrumentChecks {
public:
    InstrumentChecks(store::LabBook& book, const LabCatalogue& catalogue, Clock clock)
        : book_(book), catalogue_(catalogue), clock_(std::move(clock)) {}

    /// Why no test by this method may start now.
    [[nodiscard]] std::optional<Problem> obstacleToTests(std::string_view method) const;
    /// Keeps a check of an instrument with its verdict. @param readings in the unit of the reference
    Expected<void> keep(const std::string& id, const std::string& instrument, const std::string& check,
                        double nominal, const std::vector<double>& readings, const std::string& by,
                        const std::string& note = {});
    /// Standard uncertainty of the calibration cylinder's certificate.
    [[nodiscard]] Litres cylinderError() const;

private:
    store::LabBook& book_;
    const LabCatalogue& catalogue_;
    Clock clock_;
};

} // namespace fusain::desktop
