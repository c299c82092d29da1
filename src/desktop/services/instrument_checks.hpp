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
    /// The lab's own reference objects take the place of the kinds in the catalogue.
    InstrumentChecks(store::LabBook& book, LabCatalogue& catalogue, Clock clock);

    /// Why no test by this method may start now.
    [[nodiscard]] std::optional<Problem> obstacleToTests(std::string_view method) const;
    /// Keeps a check of an instrument with its verdict. @param readings in the unit of the reference
    Expected<void> keep(const std::string& id, const std::string& instrument, const std::string& check,
                        double nominal, const std::vector<double>& readings, const std::string& by,
                        const std::string& note = {});
    /// Keeps the lab's own reference object of a check; it holds from now on.
    Expected<void> keepReference(const std::string& instrument, const std::string& check,
                                 const ReferenceObject& object, const std::string& by);
    /// Keeps the lab's own limits of a check; they hold from now on. @return a Problem when it is not a
    /// physiologist who sets them, or they cannot be
    Expected<void> keepLimits(const std::string& instrument, const std::string& check,
                              const CheckLimits& limits, const std::string& by);
    /// The lab's own reference object of a check; nothing while none is on file.
    [[nodiscard]] std::optional<ReferenceObject> reference(const std::string& instrument,
                                                           const std::string& check) const;
    /// Standard uncertainty of the calibration cylinder's certificate.
    [[nodiscard]] Litres cylinderError() const;

private:
    void useOwn(const std::string& instrument, CheckDefinition& check);
    [[nodiscard]] CheckDefinition* definitionOf(const std::string& instrument, const std::string& check);

    store::LabBook& book_;
    LabCatalogue& catalogue_;
    Clock clock_;
};

} // namespace fusain::desktop
