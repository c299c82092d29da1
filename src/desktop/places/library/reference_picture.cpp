#include "desktop/places/library/reference_picture.hpp"

#include "desktop/services/lab_references.hpp"
#include "desktop/widgets/appearance.hpp"
#include "record/all/record.hpp"
#include "report/base/words.hpp"

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
    connect(people_, &QComboBox::activated, this, &ReferencePicture::askPeople);
}

void ReferencePicture::showSet(const reference::ReferenceSet* set) {
    setVisible(set != nullptr);
    if (std::exchange(set_, set) != set) { // what was asked for another quantity says nothing here
        people_->setCurrentIndex(0);
        own_.clear();
    }
    if (set)
        paint();
}

// The field of a stored result that the set is about; empty where results hold none.
std::string ReferencePicture::field() const {
    const auto quantities = referenceQuantities();
    const auto quantity = std::ranges::find(quantities, set_->quantity, &ReferenceQuantity::id);
    return quantity == quantities.end() ? std::string() : std::string(quantity->field);
}

void ReferencePicture::askPeople() {
    own_.clear();
    if (const std::string method = people_->currentData().toString().toStdString(); !method.empty())
        for (const auto& person : session_.book().latestValues(method, field()))
            own_.push_back({person.sex == Sex::Female, person.age.value(), person.value});
    paint();
}

void ReferencePicture::paint() {
    report::ReferenceModel model;
    model.unit = report::plain(set_->unit);
    for (const reference::ReferenceRow& row : set_->rows)
        model.ranges.push_back({row.sex == Sex::Female, row.ageFrom.value(), row.ageTo.value(), row.low,
                                std::isfinite(row.high) ? std::optional(row.high) : std::nullopt});
    model.people = own_;
    people_->setVisible(!field().empty());
    figure_->setPaint([model, &palette = session_.palette()](QPainter& painter, const QRectF& area) {
        report::paintReference(painter, area, model, palette);
    });
}

} // namespace fusain::desktop

#include "moc_reference_picture.cpp"
