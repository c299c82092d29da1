#include "procedure/all/replay.hpp"

#include "procedure/all/methods.hpp"
#include "procedure/method/common_events.hpp"
#include "record/base/json.hpp"

namespace fusain {

void applyEvent(AnyTest& test, const Event& event) {
    // The overload of the record's own type and no other: a method without one must not compile.
    std::visit(
        [&]<class Record>(Record& record) {
            static_cast<void (*)(Record&, const Event&)> (&applyEvent)(record, event);
        },
        static_cast<Methods::OneOf<RecordOf>&>(test));
}

Expected<AnyTest> replayTest(std::span<const Event> events) {
    std::optional<AnyTest> test;
    auto applied = applyEach(events, [&](const Event& event) {
        if (!test && event.kind != TestStarted::kind)
            throw Json::other_error::create(501, "a test begins with \"test.started\"", &*event.data);
        if (!test) // the first books knew one method and did not name it
            test = emptyTest(event.data->value("method", std::string(methodHydrostatic)));
        applyEvent(*test, event);
    });
    if (!applied)
        return tl::unexpected(applied.error());
    if (!test)
        return failure({FUSAIN_TEXT("There is no event of this test."), {}}, {},
                       {FUSAIN_TEXT("Verify the lab book, and restore a copy if it is damaged."), {}});
    return *std::move(test);
}

} // namespace fusain
