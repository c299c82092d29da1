#pragma once
#include "record/chamber/method.hpp"
#include "record/girth/method.hpp"
#include "record/impedance/method.hpp"
#include "record/scan/method.hpp"
#include "record/tank/method.hpp"

#include <array>
#include <utility>
#include <variant>

namespace fusain {

/// A list of methods, each a type with the members of TankMethod. Everything that has to know every method is
/// made from it: the variants of records and policies, their readers, and each choice by a method's name.
template <class... Method>
struct MethodList {
    static constexpr std::size_t count = sizeof...(Method);
    static constexpr std::array<std::string_view, count> ids{Method::id...};

    /// One of what `Of` gives for each method, in the order of the list.
    template <template <class> class Of>
    using OneOf = std::variant<Of<Method>...>;

    /// Calls visit.operator()<M>() for the method named `id`. @return whether there is such a method
    template <class Visit>
    static bool with(std::string_view id, Visit&& visit) {
        return ((Method::id == id && (visit.template operator()<Method>(), true)) || ...);
    }
    /// Calls visit.operator()<M>() for every method, in the order of the list.
    template <class Visit>
    static void each(Visit&& visit) {
        (visit.template operator()<Method>(), ...);
    }
};

/// Every method that this program runs, in the order in which they are offered. A further one is added here,
/// and the compiler then names what it lacks.
using Methods = MethodList<TankMethod, ChamberMethod, ImpedanceMethod, ScanMethod, GirthMethod>;

/// Handlers by type for one std::visit: no `else` that a further method would fall into.
template <class... Handlers>
struct Overloaded : Handlers... {
    using Handlers::operator()...;
};

} // namespace fusain
