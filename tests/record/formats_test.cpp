#include "record/library/formats.hpp"

#include <fstream>
#include <gtest/gtest.h>
#include <iterator>

// The page is made from the tables that read and write: `fusain-calc formats > docs/formats/fields.md`.
TEST(Formats, ThePageSaysWhatTheReadersRead) {
    std::ifstream file(FUSAIN_SOURCE_DIR "/docs/formats/fields.md");
    const std::string page{std::istreambuf_iterator<char>(file), {}};
    EXPECT_EQ(page, fusain::formatsPage());
}

TEST(Formats, EveryKeyHasAMeaning) {
    const std::string page = fusain::formatsPage();
    EXPECT_EQ(page.find("|  |\n"), std::string::npos); // a row that ends in an empty meaning
    EXPECT_NE(page.find("| `subject.height_m` | number, 0.5 to 2.5 m | yes |"), std::string::npos);
    EXPECT_NE(page.find("| `trials[].number` | whole number, 1 or more | yes |"), std::string::npos);
}
