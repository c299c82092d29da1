#include "core/base/recently_used.hpp"

#include <gtest/gtest.h>

namespace fusain::recently_used_test {
namespace {

TEST(RecentlyUsed, KnowsWhatWasPutInAndNothingElse) {
    RecentlyUsed<int> known(2);
    EXPECT_EQ(known.find("a"), nullptr);
    EXPECT_EQ(known.put("a", 1), 1);
    ASSERT_NE(known.find("a"), nullptr);
    EXPECT_EQ(*known.find("a"), 1);
    EXPECT_EQ(known.put("a", 2), 2); // the newer value of a key counts
    EXPECT_EQ(*known.find("a"), 2);
}

TEST(RecentlyUsed, DropsWhatWasNotAskedForLongest) {
    RecentlyUsed<int> known(2);
    for (const char* key : {"a", "b", "c"}) // a and b are on the older shelf now
        known.put(key, 0);
    EXPECT_NE(known.find("a"), nullptr); // asked for again: beside c
    known.put("d", 0);                   // the newer shelf is full: b goes
    EXPECT_EQ(known.find("b"), nullptr);
    for (const char* key : {"a", "c", "d"})
        EXPECT_NE(known.find(key), nullptr) << key;
}

TEST(RecentlyUsed, HoldsTwiceAsManyAtMost) {
    RecentlyUsed<int> known(3);
    for (int i = 0; i < 100; ++i)
        known.put(std::to_string(i), i);
    int held = 0;
    for (int i = 0; i < 100; ++i)
        held += known.find(std::to_string(99 - i)) != nullptr;
    EXPECT_GE(held, 3);
    EXPECT_LE(held, 6);
}

} // namespace
} // namespace fusain::recently_used_test
