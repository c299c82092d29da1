#pragma once
#include "record/base/json_fwd.hpp"

#include <concepts>
#include <memory>

namespace fusain {

/// A JSON value that a record carries whole: the data of an event, a frozen policy. It behaves as the value
/// itself, copies with it, and keeps the library out of the headers of the records.
class Document {
public:
    Document() noexcept; ///< null
    /// A document is a JSON value; only of that very type, so that no list in braces is taken for one.
    template <std::same_as<Json> Value>
    Document(Value json) : Document(std::move(json), nullptr) {} // NOLINT(google-explicit-constructor)
    Document(const Document& other);
    Document(Document&& other) noexcept;
    Document& operator=(const Document& other);
    Document& operator=(Document&& other) noexcept;
    ~Document();
    /// {}, for what is filled key by key.
    [[nodiscard]] static Document object();

    [[nodiscard]] const Json& operator*() const;
    [[nodiscard]] Json& operator*();
    [[nodiscard]] const Json* operator->() const { return &**this; }
    [[nodiscard]] Json* operator->() { return &**this; }
    operator const Json&() const { return **this; } // NOLINT(google-explicit-constructor)

private:
    Document(Json&& json, std::nullptr_t);
    std::unique_ptr<Json> json_; ///< none stands for null
};

[[nodiscard]] bool operator==(const Document& a, const Document& b);

} // namespace fusain
