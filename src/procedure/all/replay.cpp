#include "procedure/all/replay.hpp"

#include "procedure/all/methods.hpp"
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
        if (!test)
            test = emptyTest(event.data->value("method", std::string(methodHydrostatic)));
        applyEvent(*test, event);
    });
    if (!applied)
        return tl::unexpected(applied.error());
    return test.value_or(HydrostaticTest{});
}

} // namespace fusain
