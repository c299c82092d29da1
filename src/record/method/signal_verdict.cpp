#include "record/method/signal_verdict.hpp"

#include "record/base/json_lists.hpp"

namespace fusain {
namespace {

Json toJson(const SignalRemark& remark) {
    Json json{{"code", remark.code}, {"repeat", remark.repeat}};
    if (!remark.place.empty())
        json["place"] = remark.place;
    return json;
}
SignalRemark remarkFrom(const Json& json) {
    return {json.at("code").get<std::string>(), json.value("place", ""), json.at("repeat").get<bool>()};
}

} // namespace

void setVerdict(Json& json, const SignalVerdict& verdict) {
    if (verdict.empty())
        return;
    json["reader"] = verdict.reader;
    json["verdict"] = verdict.verdict;
    for (const SignalRemark& remark : verdict.remarks)
        json["remarks"].push_back(toJson(remark));
}

SignalVerdict verdictIn(const Json& json) {
    SignalVerdict verdict{json.value("reader", ""), json.value("verdict", "")};
    readList(json, "remarks", verdict.remarks, remarkFrom);
    return verdict;
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
