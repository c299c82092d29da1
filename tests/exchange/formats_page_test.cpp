#include "exchange/impedance/impedance_csv.hpp"
#include "exchange/scan/scan_csv.hpp"
#include "record/library/formats.hpp"

#include <fstream>
#include <gtest/gtest.h>
#include <iterator>

// The page is made from the tables that read and write: `fusain-calc formats > docs/formats/fields.md`.
TEST(FormatsPage, SaysWhatTheReadersRead) {
    using namespace fusain;
    std::ifstream file(FUSAIN_SOURCE_DIR "/docs/formats/fields.md");
    const std::string page{std::istreambuf_iterator<char>(file), {}};
    const DocumentKind tables[]{exchange::importMappingKind(), exchange::scanMappingKind()};
    EXPECT_EQ(page, formatsPage(tables));
}
