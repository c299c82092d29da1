#pragma once
#include "demo/demo_book.hpp"
#include "link/simulation/all/true_body.hpp"
#include "procedure/all/computed.hpp"
#include "record/base/json.hpp"
#include "store/transfer/data_files.hpp"

#include <QTemporaryDir>
#include <gtest/gtest.h>

namespace fusain::demo {

/// The made-up lab, filled once for all cases.
class DemoLab : public ::testing::Test {
protected:
    static void SetUpTestSuite() {
        folder = new QTemporaryDir;
        clock = demoNow();
        catalogue = new LabCatalogue(*store::readCatalogue(QStringLiteral(FUSAIN_SOURCE_DIR "/data")));
        book = store::LabBook::openOrCreate(path(), [] { return clock; })->release();
        const auto filled = fillDemoBook(*book, *catalogue, clock, 20260312);
        ASSERT_TRUE(filled) << filled.error().english();
    }
    static void TearDownTestSuite() {
        delete book;
        delete catalogue;
        delete folder;
    }
    static QString path() { return folder->filePath(QStringLiteral("demo.fusain")); }
    /// A copy for a window: the book itself is open here.
    static QString copied() {
        const QString copy = folder->filePath(QStringLiteral("copy.fusain"));
        EXPECT_TRUE(book->backUp(copy));
        return copy;
    }
    static std::vector<ComputedTest> testsOf(const char* client, std::string_view method = {}) {
        std::vector<ComputedTest> tests;
        for (const AnyTest& test : book->testsOf(client))
            if (method.empty() || methodOf(test) == method)
                if (auto computed = computeByItsPolicy(test, *catalogue))
                    tests.push_back(std::move(*computed));
        return tests;
    }
    /// Five of the thirty volunteers of the agreement study stand for all of them where pages are read.
    static bool isOneOfManyAlike(const Client& client) {
        return client.id.starts_with("study-") && client.id > "study-05";
    }
    static DxaResult scan(const ComputedTest& test) { return std::get<DxaResult>(test.result); }
    static simulation::TrueBody truthOf(const char* client) {
        return simulation::trueBodyFromJson(Json::parse(book->setting(std::string("truth.") + client)));
    }
    static inline QTemporaryDir* folder;
    static inline Instant clock;
    static inline LabCatalogue* catalogue;
    static inline store::LabBook* book;
};

} // namespace fusain::demo
