#include "desktop/bench/method/floor_scale.hpp"

#include "report/base/words.hpp"

namespace fusain::desktop {

QString massOutOfRange(Kilograms mass, const anthropometry::Plausible<Kilograms>& range, UnitSystem units) {
    if (range.holds(mass))
        return {};
    return QObject::tr("Mass is out of range (%1–%2).")
        .arg(report::plain(show(range.low, units, 0).number), report::say(show(range.high, units, 0)));
}

} // namespace fusain::desktop
