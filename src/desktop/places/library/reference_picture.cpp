#include "desktop/places/library/reference_picture.hpp"

#include "desktop/services/lab_references.hpp"
#include "desktop/widgets/appearance.hpp"
#include "record/all/record.hpp"
#include "report/base/words.hpp"
#include "report/figures/reference_figure.hpp"

#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

namespace fusain::desktop {
namespace {

constexpr int pictureHeight = 220;

} // namespace

ReferencePicture::ReferencePicture(Session& session)
    : session_(session), figure_(new FigureView(tr("Reference along age"), pictureHeight)),
      people_(new QComboBox) {
    figure_->setMaximumHeight(scaled(pictureHeight));
    people_->setAccessibleName(tr("Our clients over it"));
    people_->addItem(tr("without our clients"));
    for (const std::string_view method : session.ownedMethods())
        people_->addItem(tr("our clients, %1").arg(report::say(methodTitle(method))), report::plain(method));
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->addWidget(figure_);
    layout->addLayout(inOneRow({people_}));
    connect(people_, &QComboBox::activated, this, &ReferencePicture::paint);
}

void ReferencePicture::showSet(const reference::ReferenceSet* set) {
    setVisible(set != nullptr);
    if (std::exchange(set_, set) != set)
        people_->setCurrentIndex(0); // what was asked for another quantity says nothing here
    if (set)
        paint();
}

void ReferencePicture::paint() {
    report::ReferenceModel model;
    model.unit = report::plain(set_->unit);
    for (const reference::ReferenceRow& row : set_->rows)
        model.ranges.push_back({row.sex == Sex::Female, row.ageFrom, row.ageTo, row.low,
                                std::isfinite(row.high) ? std::optional(row.high) : std::nullopt});
    const auto quantities = referenceQuantities();
    const auto quantity = std::ranges::find(quantities, set_->quantity, &ReferenceQuantity::id);
    const std::string method = people_->currentData().toString().toStdString();
    people_->setVisible(quantity != quantities.end() && !quantity->field.empty());
    if (!method.empty() && people_->isVisibleTo(this))
        for (const auto& person : session_.book().latestValues(method, std::string(quantity->field)))
            model.people.push_back({person.sex == Sex::Female, person.age.value(), person.value});
    figure_->setPaint([model, &palette = session_.palette()](QPainter& painter, const QRectF& area) {
        report::paintReference(painter, area, model, palette);
    });
}

} // namespace fusain::desktop

#include "moc_reference_picture.cpp"
