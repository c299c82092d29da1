#include "record/base/document.hpp"

#include "record/base/json.hpp"

namespace fusain {

Document::Document() noexcept = default;
Document::Document(Json&& json, std::nullptr_t) : json_(std::make_shared<Json>(std::move(json))) {}

Document Document::object() {
    return Json::object();
}

const Json& Document::operator*() const {
    static const Json null;
    return json_ ? *json_ : null;
}

Json& Document::operator*() {
    if (!json_)
        json_ = std::make_shared<Json>();
    else if (json_.use_count() > 1)
        json_ = std::make_shared<Json>(*json_);
    return *json_;
}

bool operator==(const Document& a, const Document& b) {
    return a.json_ == b.json_ || *a == *b;
}

} // namespace fusain
