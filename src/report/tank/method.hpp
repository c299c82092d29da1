#pragma once
#include "procedure/tank/method.hpp"
#include "report/method/density_pages.hpp"

namespace fusain::report {

/// Underwater weighing on the pages.
template <>
struct Reported<TankMethod> : DensityPages {
    using Own = OwnReport<TankMethod>;
    /// How much it tells of what the body is made of, against the other methods: the most leads the page of a
    /// visit.
    static constexpr int richness = 3;
    /// What was done, in the client's words.
    [[nodiscard]] static QString whatWasDone(const Own& report);
    /// Instruments and lungs as they were checked, for the lab copy.
    static void checks(PageFlow& flow, const Own& report);
    /// The readings one by one, with their pictures, for the lab copy.
    static void readings(PageFlow& flow, const Own& report);
    /// Where the formulas come from, for the lab copy.
    static void sources(PageFlow& flow, const Own& report);
};

} // namespace fusain::report
