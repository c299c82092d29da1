#pragma once
#include "core/girth/repeats.hpp"
#include "procedure/girth/steps.hpp"
#include "procedure/method/procedure.hpp"
#include "record/girth/method.hpp"

namespace fusain {

using GirthSetting = Setting<GirthPolicy>;

/// Does to the record what an event says; throws Json::exception for readDocument.
void applyEvent(GirthTest& test, const Event& event);
/// Reads what an event says and does nothing; throws Json::exception for what could not be read again.
void checkEvent(const GirthTest& test, const Event& event);

/// The readings of one site that count, judged.
[[nodiscard]] girth::RepeatJudgement judgeSite(const GirthTest& test, girth::Site site,
                                               const girth::RepeatRule& rule);

/// One set of girths, from the tape check to the signed report.
class GirthProcedure : public MethodProcedure<GirthProcedure, GirthMethod> {
public:
    [[nodiscard]] std::span<const StepText> steps() const override { return girthSteps(); }
    [[nodiscard]] GirthStep currentStep() const { return current().as<GirthStep>(); }
    [[nodiscard]] girth::RepeatJudgement judgementOf(girth::Site site) const {
        return judgeSite(test_, site, setting_.policy.repeats);
    }
    /// The site that is measured next: the sites in turn, each once in every round, so that no reading is taken
    /// with the last one still in mind. Nothing when every site has its value.
    [[nodiscard]] std::optional<girth::Site> nextSite() const;

    /// @param nominal, reading length of the rule and what the tape shows of it, cm (20 to 200)
    Done checkTape(Centimetres nominal, Centimetres reading, const Attribution& from = Attribution::typed());
    /// @param keptBecause why it is this client's although it is far from what they weighed before
    Done weigh(Kilograms mass, const Attribution& from, const std::string& keptBecause = {});
    /// One laying of the tape. @param value within what a person can have at this site
    Done takeGirth(girth::Site site, Centimetres value, const Attribution& from = Attribution::typed());
    Done setAside(int number, const std::string& reason);
    Done restore(int number);

protected:
    [[nodiscard]] std::optional<Json> resultDocument() const override;
    [[nodiscard]] bool readingDone(Step step) const override;
    [[nodiscard]] bool needsAttention(Step step) const override;

private:
    [[nodiscard]] int countingAt(girth::Site site) const;

    friend MethodProcedure;
    using MethodProcedure::MethodProcedure;
};

} // namespace fusain
