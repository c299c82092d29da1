#pragma once
#include "procedure/method/density_result.hpp"
#include "report/method/parts.hpp"

namespace fusain::report {

/// What the pages of both densitometric methods have in common.
struct DensityPages {
    /// What the interval and the method error in the table of results mean.
    [[nodiscard]] static QString intervalMeaning();
    /// What the error that repeating does not shrink comes from, for the picture of errors.
    [[nodiscard]] static QString checksTitle();
    /// Lines behind fat and the rest: there are none.
    [[nodiscard]] static std::vector<ResultLine> lines(const auto&) { return {}; }
    /// Why a test gives no fat, in the client's words; empty where that needs no word.
    [[nodiscard]] static QString whyNoFat() { return {}; }
    /// Rows for the client behind fat and the rest: there are none.
    static void inWords(PageFlow&, const auto&) {}
    /// Pictures of its own: there are none beside those of fat and the rest.
    [[nodiscard]] static std::vector<NamedFigure> figures(const auto&) { return {}; }
    [[nodiscard]] static std::optional<NamedFigure> core(const auto&) { return std::nullopt; }
    /// Right against left: these methods see the whole body only.
    [[nodiscard]] static std::optional<NamedFigure> sides(const auto&) { return std::nullopt; }
    /// What stands for fat in a test without it: these methods always give fat.
    [[nodiscard]] static std::optional<RuleModel> valueOfTheDay(const auto&) { return std::nullopt; }
    /// Where values of its own lie in the chosen references, beside fat.
    [[nodiscard]] static std::vector<Message> standings(const auto&) { return {}; }
    /// What changed since the last test, beside fat and the rest.
    [[nodiscard]] static std::vector<Message> changes(const auto&) { return {}; }
};

} // namespace fusain::report
