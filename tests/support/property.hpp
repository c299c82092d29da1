#pragma once
#include <gtest/gtest.h>
#include <rapidcheck.h>

namespace fusain::testing {

/// Runs a rapidcheck property as part of the current GoogleTest case.
template <class Property>
void holdsFor(const char* description, Property&& property) {
    EXPECT_TRUE(rc::check(description, std::forward<Property>(property)));
}

} // namespace fusain::testing
