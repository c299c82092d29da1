#pragma once
#include "link/simulation/all/true_body.hpp"
#include "record/base/people.hpp"

#include <span>
#include <string_view>

namespace fusain::demo {

/// Somebody of the made-up lab, with the body that the instruments measure.
struct Person {
    const char* id;
    const char* code;
    const char* name;
    const char* born;
    double heightCm;
    UnitSystem units;
    const char* note;
    simulation::TrueBody body;
};
[[nodiscard]] std::span<const Person> people();
[[nodiscard]] const Person& person(std::string_view id);

} // namespace fusain::demo
