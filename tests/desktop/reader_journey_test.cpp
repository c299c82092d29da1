// A whole run of each method through the tree that screen readers read, and nothing else.
#include "support/journey.hpp"
#include "support/reader_driver.hpp"

namespace fusain::desktop::reader_journey_test {
namespace {

class ByEar : public Journey, public ::testing::WithParamInterface<std::string_view> {};

TEST_P(ByEar, ARunIsDoneFromTheFirstQuestionToTheSignature) {
    const Client client = someone();
    session->setAtTheBench({"bram", "Bram Iyengar", Role::Technician});
    ASSERT_TRUE(session->report(session->startRun(client, {}, GetParam())));
    shell->open(PlaceName::Bench);
    fusain::testing::ReaderDriver reader(*shell, *session);
    int acts = 0;
    while (acts < 150 && reader.advance()) {
        QApplication::processEvents();
        ++acts;
    }
    const StepText& step = session->run()->textOf(session->run()->current());
    EXPECT_EQ(session->run()->record().state, TestState::Signed)
        << step.id << ": " << shell->lastProblem().toStdString();
}

INSTANTIATE_TEST_SUITE_P(Every, ByEar, ::testing::ValuesIn(methods), [](const auto& each) {
    std::string name(each.param);
    std::erase(name, '-');
    return name;
});

} // namespace
} // namespace fusain::desktop::reader_journey_test
