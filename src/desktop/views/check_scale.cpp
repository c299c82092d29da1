#include "desktop/views/check_scale.hpp"

#include "desktop/widgets/appearance.hpp"
#include "record/lab/instrument.hpp"

#include <ranges>

namespace fusain::desktop {
namespace {

constexpr int scaleHeight = 104;

} // namespace

CheckScale::CheckScale(Session& session)
    : FigureView(tr("Error of the check"), scaleHeight), session_(session) {
    setMaximumHeight(scaled(scaleHeight));
}

void CheckScale::readEarlier(const std::string& instrument, const std::string& check) {
    constexpr std::size_t most = 5;
    earlier_.clear();
    const auto checks = session_.book().checks(instrument);
    for (const Check& each : std::ranges::reverse_view(checks))
        if (each.kind == check && earlier_.size() < most)
            earlier_.insert(earlier_.begin(), each.error());
}

void CheckScale::showErrors(report::CheckScaleModel model) {
    if (model.earlier.empty())
        model.earlier = earlier_;
    setPaint([model = std::move(model), &palette = session_.palette()](QPainter& painter, const QRectF& area) {
        report::paintCheckScale(painter, area, model, palette);
    });
}

} // namespace fusain::desktop

#include "moc_check_scale.cpp"
