#include "record/all/record.hpp"

#include "record/base/json.hpp"

namespace fusain {

const RawTest& common(const AnyTest& test) {
    return std::visit([](const RawTest& raw) -> const RawTest& { return raw; }, test);
}

std::string_view methodOf(const AnyTest& test) {
    return methods[test.index()];
}

std::string_view methodTitle(std::string_view method) {
    std::string_view title = method;
    Methods::with(method, [&]<class Method> { title = Method::title; });
    return title;
}

AnyTest emptyTest(const std::string& method) {
    AnyTest empty;
    if (!Methods::with(method, [&]<class Method> { empty = typename Method::Record{}; }))
        throw Json::other_error::create(501, "method \"" + method + "\" is not known",
                                        nullptr);
    return empty;
}

std::optional<Kilograms> massOf(const AnyTest& test) {
    std::optional<Kilograms> mass;
    Methods::each([&]<class Method> {
        if (const auto* record = std::get_if<typename Method::Record>(&test))
            if (const std::optional<Reading>& read = Method::mass(*record))
                mass = Kilograms(read->value);
    });
    return mass;
}

Json toJson(const AnyTest& test) {
    // The overload of the record's own type and no other: a method without one must not compile.
    return std::visit(
        []<class Record>(const Record& record) {
            return static_cast<Json (*)(const Record&)>(&toJson)(record);
        },
        static_cast<const Methods::OneOf<RecordOf>&>(test));
}

Expected<AnyTest> anyTestFromJson(const Json& json, const std::string& where) {
    const auto method = readDocument(
        where, [&] { return std::string(methodOf(emptyTest(json.value("method", "hydrostatic")))); });
    if (!method)
        return tl::unexpected(method.error());
    Expected<AnyTest> test;
    Methods::with(*method, [&]<class Method> { test = Method::recordFromJson(json, where); });
    return test;
}

} // namespace fusain
