#pragma once
#include "procedure/girth/method.hpp"
#include "report/method/parts.hpp"

namespace fusain::report {

/// Girths with a tape on the pages.
template <>
struct Reported<GirthMethod> {
    using Own = OwnReport<GirthMethod>;
    /// How much it tells of what the body is made of, against the other methods: nothing.
    static constexpr int richness = 0;
    /// What the interval in the table of results means.
    [[nodiscard]] static QString intervalMeaning();
    [[nodiscard]] static QString checksTitle();
    /// The girths and their ratios, in the table of results.
    [[nodiscard]] static std::vector<ResultLine> lines(const Own& report);
    /// Why a test gives no fat, in the client's words; empty where that needs no word.
    [[nodiscard]] static QString whyNoFat() { return {}; } // what was done says it
    /// Rows for the client: each girth, and what became of it.
    static void inWords(PageFlow& flow, const Own& report);
    /// The indices beside their limits.
    [[nodiscard]] static std::vector<NamedFigure> figures(const Own& report);
    /// Right against left: one side is measured.
    [[nodiscard]] static std::optional<NamedFigure> sides(const Own&) { return std::nullopt; }
    /// The body as a column: a tape does not see into it.
    [[nodiscard]] static std::optional<NamedFigure> core(const Own&) { return std::nullopt; }
    /// The waist, in the place of fat.
    [[nodiscard]] static std::optional<RuleModel> valueOfTheDay(const Own& report);
    /// The indices are findings; they hang on no chosen reference.
    [[nodiscard]] static std::vector<Message> standings(const Own&) { return {}; }
    /// What changed is among the statements of every test.
    [[nodiscard]] static std::vector<Message> changes(const Own&) { return {}; }
    /// What was done, in the client's words.
    [[nodiscard]] static QString whatWasDone(const Own& report);
    /// The tape as it was checked, for the lab copy.
    static void checks(PageFlow& flow, const Own& report);
    /// The readings one by one, for the lab copy.
    static void readings(PageFlow& flow, const Own& report);
    /// Where landmarks and limits come from, for the lab copy.
    static void sources(PageFlow& flow, const Own& report);
};

} // namespace fusain::report
