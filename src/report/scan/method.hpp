#pragma once
#include "procedure/scan/method.hpp"
#include "report/method/parts.hpp"

namespace fusain::report {

/// The densitometer on the pages.
template <>
struct Reported<ScanMethod> {
    using Own = OwnReport<ScanMethod>;
    /// How much it tells of what the body is made of, against the other methods: the most leads the page of a
    /// visit.
    static constexpr int richness = 4;
    /// What the interval and the method error in the table of results mean.
    [[nodiscard]] static QString intervalMeaning();
    /// What the error that repeating does not shrink comes from, for the picture of errors.
    [[nodiscard]] static QString checksTitle();
    /// Lines behind fat and the rest in the table of results.
    [[nodiscard]] static std::vector<ResultLine> lines(const Own& report);
    /// Why a test gives no fat, in the client's words; empty where that needs no word.
    [[nodiscard]] static QString whyNoFat() { return {}; }
    /// Rows for the client behind fat and the rest.
    static void inWords(PageFlow& flow, const Own& report);
    /// Pictures beside those of fat and the rest.
    [[nodiscard]] static std::vector<NamedFigure> figures(const Own& report);
    /// Right against left, where this method tells the limbs apart.
    [[nodiscard]] static std::optional<NamedFigure> sides(const Own& report);
    /// The body as a column, where this method tells more apart than fat and the rest.
    [[nodiscard]] static std::optional<NamedFigure> core(const Own& report);
    /// What stands for fat in a test without it.
    [[nodiscard]] static std::optional<RuleModel> valueOfTheDay(const Own& report);
    /// Where values of its own lie in the chosen references, beside fat.
    [[nodiscard]] static std::vector<Message> standings(const Own& report);
    /// What changed since the last test, beside fat and the rest.
    [[nodiscard]] static std::vector<Message> changes(const Own& report);
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
