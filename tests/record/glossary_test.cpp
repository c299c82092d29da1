#include "record/base/json.hpp"
#include "record/lab/glossary.hpp"

#include <fstream>
#include <gtest/gtest.h>
#include <iterator>

using namespace fusain;

namespace {

std::string textOf(const std::string& path) {
    std::ifstream file(std::string(FUSAIN_SOURCE_DIR) + path);
    return {std::istreambuf_iterator<char>(file), {}};
}

} // namespace

// What the Library shows and what the document says is one list.
TEST(Glossary, IsWhatTheDocumentSays) {
    const auto glossary = glossaryFromJson(*parseJson(textOf("/data/glossary/standard.json"), ""), "");
    ASSERT_TRUE(glossary) << glossary.error().english();
    std::string table = "| concept | in the lab | for the client |\n|---|---|---|\n";
    for (const GlossaryTerm& term : glossary->terms)
        table +=
            "| " + term.meaning + " | " + term.lab + " | " + (term.client.empty() ? "–" : term.client) + " |\n";
    const std::string document = textOf("/docs/glossary.md");
    EXPECT_EQ(document.substr(std::min(document.size(), document.find("| concept"))), table);
    ASSERT_TRUE(glossary->find("measurable-change"));
    EXPECT_EQ(glossary->find("nothing"), nullptr);
}

TEST(Glossary, ATermWithoutItsWordsIsRefused) {
    EXPECT_FALSE(glossaryFromJson(
        Json::parse(R"({"format":"fusain-glossary","id":"a","terms":[{"id":"a","meaning":"b"}]})"), "x"));
    EXPECT_FALSE(glossaryFromJson(Json::parse(R"({"format":"fusain","id":"a","terms":[]})"), "x"));
}
