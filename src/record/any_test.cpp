#include "record/any_test.hpp"

namespace fusain {

const RawTest& common(const AnyTest& test) {
    return std::visit([](const RawTest& raw) -> const RawTest& { return raw; }, test);
}

std::string_view methodOf(const AnyTest& test) {
    return std::holds_alternative<HydrostaticTest>(test) ? methodHydrostatic : methodChamber;
}

std::string_view methodTitle(std::string_view method) {
    return method == methodChamber ? FUSAIN_TEXT("air displacement") : FUSAIN_TEXT("underwater weighing");
}

AnyTest emptyTest(const std::string& method) {
    if (method == methodHydrostatic)
        return HydrostaticTest{};
    if (method == methodChamber)
        return ChamberTest{};
    throw Json::other_error::create(501, "method \"" + method + "\" is not one that this program knows",
                                    nullptr);
}

std::optional<Kilograms> massOf(const AnyTest& test) {
    if (const auto* hydrostatic = std::get_if<HydrostaticTest>(&test))
        return hydrostatic->dryMass ? std::optional(Kilograms(hydrostatic->dryMass->value)) : std::nullopt;
    const auto& mass = std::get<ChamberTest>(test).mass;
    return mass ? std::optional(Kilograms(mass->value)) : std::nullopt;
}

Json toJson(const AnyTest& test) {
    return std::visit([](const auto& record) { return toJson(record); }, test);
}

Expected<AnyTest> anyTestFromJson(const Json& json, const std::string& where) {
    const auto empty = readDocument(where, [&] { return emptyTest(json.value("method", "hydrostatic")); });
    if (!empty)
        return tl::unexpected(empty.error());
    const auto widened = [](auto read) -> Expected<AnyTest> {
        if (!read)
            return tl::unexpected(read.error());
        return AnyTest(std::move(*read));
    };
    return std::holds_alternative<HydrostaticTest>(*empty) ? widened(hydrostaticTestFromJson(json, where))
                                                           : widened(chamberTestFromJson(json, where));
}

} // namespace fusain
