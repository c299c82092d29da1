#include "record/library/formats.hpp"

#include <gtest/gtest.h>

TEST(Formats, EveryKeyHasAMeaning) {
    const std::string page = fusain::formatsPage();
    EXPECT_EQ(page.find("|  |\n"), std::string::npos); // a row that ends in an empty meaning
    EXPECT_NE(page.find("| `subject.height_m` | number, 0.5 to 2.5 m | yes |"), std::string::npos);
    EXPECT_NE(page.find("| `trials[].number` | whole number, 1 or more | yes |"), std::string::npos);
}
