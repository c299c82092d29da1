#include "record/method/signal_verdict.hpp"

#include "record/method/reading_fields.hpp"

namespace fusain {
namespace {

const Fields<SignalRemark>& remarkFields() {
    static const auto fields =
        Fields<SignalRemark>("remark")
            .required("code", &SignalRemark::code, "of the fault, such as contact")
            .sparse("place", &SignalRemark::place, "key of the segment or region; absent for the whole")
            .required("repeat", &SignalRemark::repeat, "whether the reading should be repeated for it");
    return fields;
}

} // namespace

const Fields<SignalVerdict>& verdictFields() {
    static const auto fields = [] {
        auto made = Fields<SignalVerdict>("verdict");
        made.sparse("reader", &SignalVerdict::reader, "name and version of the analysis of the signal");
        made.custom(
            {"verdict", "text", {}, {}, Presence::Sparse, "code of that analysis", {}, {}},
            [](const Json& json, SignalVerdict& verdict) { verdict.verdict = json.get<std::string>(); },
            [](const SignalVerdict& verdict) {
                return verdict.empty() ? std::nullopt : std::optional<Json>(verdict.verdict);
            });
        made.list("remarks", &SignalVerdict::remarks, remarkFields(), "what was found", Presence::Sparse);
        made.check([](const SignalVerdict& verdict) {
            const bool whole = !verdict.empty() || (verdict.verdict.empty() && verdict.remarks.empty());
            return std::string(whole ? "" : "a verdict names its reader");
        });
        return made;
    }();
    return fields;
}

void bringVerdictForward(Json& json) {
    std::string sentences = json.value("reading", "");
    for (const Json& each : json.value("findings", Json::array()))
        sentences += (sentences.empty() ? "" : " ") + each.get<std::string>();
    json.erase("reading");
    json.erase("findings");
    if (sentences.empty())
        return;
    json["reader"] = "schema 1";
    json["verdict"] = sentences;
}

} // namespace fusain
