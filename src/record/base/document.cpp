#include "record/base/document.hpp"

#include "record/base/json.hpp"

namespace fusain {
namespace {

std::unique_ptr<Json> copyOf(const std::unique_ptr<Json>& json) {
    return json ? std::make_unique<Json>(*json) : nullptr;
}

} // namespace

Document::Document() noexcept = default;
Document::Document(Json&& json, std::nullptr_t) : json_(std::make_unique<Json>(std::move(json))) {}
Document::Document(const Document& other) : json_(copyOf(other.json_)) {}
Document::Document(Document&& other) noexcept = default;
Document& Document::operator=(const Document& other) {
    if (this != &other)
        json_ = copyOf(other.json_);
    return *this;
}
Document& Document::operator=(Document&& other) noexcept = default;
Document::~Document() = default;

Document Document::object() {
    return Json::object();
}

const Json& Document::operator*() const {
    static const Json null;
    return json_ ? *json_ : null;
}

Json& Document::operator*() {
    if (!json_)
        json_ = std::make_unique<Json>();
    return *json_;
}

bool operator==(const Document& a, const Document& b) {
    return *a == *b;
}

} // namespace fusain
