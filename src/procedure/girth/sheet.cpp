#include "procedure/girth/sheet.hpp"

#include <array>
#include <fmt/format.h>

namespace fusain {
namespace {

std::string readingsOf(const GirthTest& test, const girth::RepeatJudgement& repeats) {
    std::string sum;
    for (const int number : repeats.used)
        sum += (sum.empty() ? "" : " + ") + fixed(test.girths.find(number)->value.value(), 1);
    return sum;
}

WorkedLine siteLine(const GirthTest& test, const SiteGirth& site) {
    const bool mean = site.repeats.verdict == girth::RepeatVerdict::Enough;
    return {std::string(girth::textOf(site.site).symbol),
            std::string(girth::textOf(site.site).name),
            fixed(site.value.estimate().value(), 2),
            "cm",
            fixed(site.value.totalError().value(), 2),
            {mean ? FUSAIN_TEXT("mean of the three that agree; readings {1}")
                  : FUSAIN_TEXT("median of readings {1}"),
             {listed(site.repeats.used)}},
            mean ? fmt::format("({})/{}", readingsOf(test, site.repeats), site.repeats.used.size())
                 : std::string(),
            std::string(site.site == girth::Site::Waist || site.site == girth::Site::Hip
                            ? girth::limitSet("waist.who-2008")->citation
                            : "")};
}

} // namespace

std::vector<WorkedLine> workedSheet(const GirthTest& test, const GirthPolicy& policy,
                                    const GirthResult& result) {
    std::vector<WorkedLine> sheet;
    sheet.push_back({"M", FUSAIN_TEXT("mass"), fixed(test.mass->value, 2), "kg",
                     fixed(policy.dryMassError.value(), 2), originOf(*test.mass), "", ""});
    for (const SiteGirth& site : result.sites)
        sheet.push_back(siteLine(test, site));
    const double waist = result.at(girth::Site::Waist)->value.estimate().value();
    if (result.waistToHeight)
        sheet.push_back(measuredLine(
            "WHtR", FUSAIN_TEXT("waist-to-height ratio"), *result.waistToHeight, 4,
            fmt::format("Cw/H = {}/{}", fixed(waist, 2), fixed(100.0 * test.subject.height.value(), 1)),
            std::string(girth::limitSet(policy.waistToHeightLimits)->citation)));
    if (result.waistToHip)
        sheet.push_back(
            measuredLine("WHR", FUSAIN_TEXT("waist-to-hip ratio"), *result.waistToHip, 4,
                         fmt::format("Cw/Ch = {}/{}", fixed(waist, 2),
                                     fixed(result.at(girth::Site::Hip)->value.estimate().value(), 2)),
                         std::string(girth::limitSet(policy.waistToHipLimits)->citation)));
    return sheet;
}

} // namespace fusain
