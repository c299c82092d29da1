#include "procedure/girth/events.hpp"

#include "procedure/girth/procedure.hpp"

namespace fusain::tape {

GirthTaken GirthTaken::read(const Event& event, const GirthTest& test) {
    return {ofTest(girthReadingFromJson(event.data), test, event)};
}
void GirthTaken::applyTo(GirthTest& test) const {
    test.girths.push_back(reading);
}

} // namespace fusain::tape

namespace fusain {

void checkEvent(const GirthTest& test, const Event& event) {
    static_cast<void>(readEvent<tape::AnyEvent>(event, test));
}
void applyEvent(GirthTest& test, const Event& event) {
    applyAs<tape::AnyEvent>(test, event);
}

} // namespace fusain
