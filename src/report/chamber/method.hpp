#pragma once
#include "procedure/chamber/method.hpp"
#include "report/method/density_pages.hpp"

namespace fusain::report {

/// Air displacement on the pages.
template <>
struct Reported<ChamberMethod> : DensityPages {
    using Own = OwnReport<ChamberMethod>;
    /// How much it tells of what the body is made of, against the other methods: the most leads the page of a
    /// visit.
    static constexpr int richness = 2;
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
