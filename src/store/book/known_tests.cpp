#include "store/book/known_tests.hpp"

#include "record/base/json.hpp"

namespace fusain::store {

Expected<AnyTest> KnownTests::read(const std::string& document) {
    if (const AnyTest* test = known_.find(document))
        return *test;
    ++readings_;
    auto test = anyTestFromJson(Json::parse(document, nullptr, false), "test");
    if (test)
        known_.put(document, *test);
    return test;
}

} // namespace fusain::store
