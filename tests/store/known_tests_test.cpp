#include "store/book/known_tests.hpp"

#include "record/base/json.hpp"

#include <gtest/gtest.h>

namespace fusain::store::known_tests_test {
namespace {

std::string documentOf(const char* id, double height) {
    DxaTest test;
    test.id = id;
    test.subject = {"teo", Sex::Male, Years(40.0), Metres(height), true};
    return toJson(AnyTest(test)).dump();
}

TEST(KnownTests, ADocumentIsTakenApartOnceAndKnownByAllOfItsText) {
    KnownTests known;
    const std::string first = documentOf("t-1", 1.75);
    ASSERT_TRUE(known.read(first));
    ASSERT_TRUE(known.read(first));
    EXPECT_EQ(known.readings(), 1);
    // The same test after a change is another text: never the record from before.
    const auto changed = known.read(documentOf("t-1", 1.80));
    ASSERT_TRUE(changed);
    EXPECT_EQ(known.readings(), 2);
    EXPECT_EQ(common(*changed).subject.height.value(), 1.80);
    EXPECT_EQ(common(*known.read(first)).subject.height.value(), 1.75);
}

TEST(KnownTests, WhatCannotBeReadIsSaidEachTime) {
    KnownTests known;
    for (int i = 0; i < 2; ++i)
        EXPECT_FALSE(known.read("{ not a test"));
    EXPECT_EQ(known.readings(), 2);
}

} // namespace
} // namespace fusain::store::known_tests_test
