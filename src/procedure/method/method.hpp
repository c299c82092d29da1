#pragma once
#include <cassert>
#include <functional>
#include <string>
#include <type_traits>

namespace fusain {

struct DensityResult;

/// The text that a lab book keeps under a key; empty for none.
using SettingOf = std::function<std::string(const std::string& key)>;

/// What a method of the list brings to the floor of procedures: `Procedure` and `Result`, how a record is
/// computed, and what every page asks of a result. Specialized in each method's own room
/// (procedure/tank/method.hpp …); a method without one does not compile.
template <class Method>
struct Running;

/// A running test as that of one method, in the one place where the kind is checked.
/// @pre the test is by this method
template <class Method, class AnyProcedure>
[[nodiscard]] auto& runningAs(AnyProcedure& procedure) {
    assert(procedure.method() == Method::id);
    using Own = typename Running<Method>::Procedure;
    return static_cast<std::conditional_t<std::is_const_v<AnyProcedure>, const Own, Own>&>(procedure);
}

} // namespace fusain
