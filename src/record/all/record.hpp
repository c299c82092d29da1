#pragma once
#include "record/all/methods.hpp"

namespace fusain {

template <class Method>
using RecordOf = typename Method::Record;

/// A raw record of any method that this program runs. A type of its own, so that headers can name it ahead.
struct AnyTest : Methods::OneOf<RecordOf> {
    using variant::variant;
};

inline constexpr std::string_view methodHydrostatic = TankMethod::id;
inline constexpr std::string_view methodChamber = ChamberMethod::id;
inline constexpr std::string_view methodImpedance = ImpedanceMethod::id;
inline constexpr std::string_view methodDxa = ScanMethod::id;
inline constexpr std::string_view methodGirths = GirthMethod::id;
/// Every method, in the order in which they are offered.
inline constexpr auto& methods = Methods::ids;

/// What every method has in common.
[[nodiscard]] const RawTest& common(const AnyTest& test);
/// "hydrostatic", "air-displacement", "impedance", "dxa", "girths"
[[nodiscard]] std::string_view methodOf(const AnyTest& test);
/// The method as a person says it, marked for translation; the id itself for one that is not known.
[[nodiscard]] std::string_view methodTitle(std::string_view method);
/// An empty record; an unknown method throws Json::exception for readDocument.
[[nodiscard]] AnyTest emptyTest(const std::string& method);
/// The mass of the client in air, once it is read.
[[nodiscard]] std::optional<Kilograms> massOf(const AnyTest& test);

[[nodiscard]] Json toJson(const AnyTest& test);
[[nodiscard]] Expected<AnyTest> anyTestFromJson(const Json& json, const std::string& where);

} // namespace fusain
