#pragma once
#include "record/base/json_fwd.hpp"

#include <concepts>
#include <memory>

namespace fusain {

/// A JSON value that a record carries whole: the data of an event, a frozen policy. It behaves as the value
/// itself and keeps the library out of the headers of the records. Copies share the value until one of them is
/// changed: a frozen protocol of 50 kB goes with every copy of its test.
class Document {
public:
    Document() noexcept; ///< null
    /// A document is a JSON value; only of that very type, so that no list in braces is taken for one.
    template <std::same_as<Json> Value>
    Document(Value json) : Document(std::move(json), nullptr) {} // NOLINT(google-explicit-constructor)
    /// {}, for what is filled key by key.
    [[nodiscard]] static Document object();

    [[nodiscard]] const Json& operator*() const;
    [[nodiscard]] Json& operator*(); ///< for changing; other copies stay as they are
    [[nodiscard]] const Json* operator->() const { return &**this; }
    [[nodiscard]] Json* operator->() { return &**this; }
    operator const Json&() const { return **this; } // NOLINT(google-explicit-constructor)

    friend bool operator==(const Document& a, const Document& b);

private:
    Document(Json&& json, std::nullptr_t);
    std::shared_ptr<Json> json_; ///< none stands for null
};

} // namespace fusain
