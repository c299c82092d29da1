#pragma once
#include "record/chamber_test.hpp"
#include "record/dxa_test.hpp"
#include "record/hydrostatic_test.hpp"
#include "record/impedance_test.hpp"

#include <array>
#include <variant>

namespace fusain {

/// A raw record of any method that this program runs.
using AnyTest = std::variant<HydrostaticTest, ChamberTest, ImpedanceTest, DxaTest>;

inline constexpr std::string_view methodHydrostatic = "hydrostatic";
inline constexpr std::string_view methodChamber = "air-displacement";
inline constexpr std::string_view methodImpedance = "impedance";
inline constexpr std::string_view methodDxa = "dxa";
/// Every method, in the order in which they are offered.
inline constexpr std::array methods{methodHydrostatic, methodChamber, methodImpedance, methodDxa};

/// What every method has in common.
[[nodiscard]] const RawTest& common(const AnyTest& test);
/// "hydrostatic", "air-displacement", "impedance", "dxa"
[[nodiscard]] std::string_view methodOf(const AnyTest& test);
/// The method as a person says it, marked for translation.
[[nodiscard]] std::string_view methodTitle(std::string_view method);
/// An empty record; an unknown method throws Json::exception for readDocument.
[[nodiscard]] AnyTest emptyTest(const std::string& method);
/// The mass of the client in air, once it is read.
[[nodiscard]] std::optional<Kilograms> massOf(const AnyTest& test);

[[nodiscard]] Json toJson(const AnyTest& test);
[[nodiscard]] Expected<AnyTest> anyTestFromJson(const Json& json, const std::string& where);

} // namespace fusain
