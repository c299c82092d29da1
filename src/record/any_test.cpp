#include "record/any_test.hpp"

namespace fusain {

const RawTest& common(const AnyTest& test) {
    return std::visit([](const RawTest& raw) -> const RawTest& { return raw; }, test);
}

std::string_view methodOf(const AnyTest& test) {
    return methods[test.index()];
}

std::string_view methodTitle(std::string_view method) {
    if (method == methodImpedance)
        return FUSAIN_TEXT("impedance");
    if (method == methodDxa)
        return FUSAIN_TEXT("densitometer");
    return method == methodChamber ? FUSAIN_TEXT("air displacement") : FUSAIN_TEXT("underwater weighing");
}

AnyTest emptyTest(const std::string& method) {
    if (method == methodHydrostatic)
        return HydrostaticTest{};
    if (method == methodChamber)
        return ChamberTest{};
    if (method == methodImpedance)
        return ImpedanceTest{};
    if (method == methodDxa)
        return DxaTest{};
    throw Json::other_error::create(501, "method \"" + method + "\" is not one that this program knows",
                                    nullptr);
}

std::optional<Kilograms> massOf(const AnyTest& test) {
    const auto& mass = std::visit(
        [](const auto& own) -> const std::optional<Reading>& {
            if constexpr (std::is_same_v<std::decay_t<decltype(own)>, HydrostaticTest>)
                return own.dryMass;
            else
                return own.mass;
        },
        test);
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
    if (std::holds_alternative<ImpedanceTest>(*empty))
        return widened(impedanceTestFromJson(json, where));
    if (std::holds_alternative<DxaTest>(*empty))
        return widened(dxaTestFromJson(json, where));
    return std::holds_alternative<HydrostaticTest>(*empty) ? widened(hydrostaticTestFromJson(json, where))
                                                           : widened(chamberTestFromJson(json, where));
}

} // namespace fusain
