#include "desktop/places/practice/practice_place.hpp"

#include <QVBoxLayout>

namespace fusain::desktop {

PracticePlace::PracticePlace(Session& session)
    : Place(session), run_(session, this), attempts_(session), cases_(new CasesPage(session, run_, attempts_)),
      reading_(new ReadingPage(session, attempts_)), whatIf_(new WhatIfPage(session)),
      trainee_(new TraineePage(session, attempts_)), strip_(new PracticeStrip(run_)), pages_(new QTabWidget) {
    pages_->addTab(cases_, tr("Cases"));
    pages_->addTab(reading_, tr("Reading pages"));
    pages_->addTab(whatIf_, tr("What if"));
    pages_->addTab(trainee_, tr("How it goes"));
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->addWidget(pages_);
    connect(cases_, &CasesPage::begun, this, &Place::openBench);
    connect(pages_, &QTabWidget::currentChanged, this, [this] {
        refresh();
        Q_EMIT moved();
    });
}

void PracticePlace::refresh() {
    QWidget* page = pages_->currentWidget();
    if (page == cases_)
        cases_->refresh();
    else if (page == reading_)
        reading_->refresh();
    else if (page == trainee_)
        trainee_->refresh();
}

QString PracticePlace::where() const {
    return tr("Practice  ›  %1").arg(pages_->tabText(pages_->currentIndex()));
}

void PracticePlace::enter() {
    QWidget* page = pages_->currentWidget();
    if (page == reading_)
        reading_->enter();
    else if (page == whatIf_)
        whatIf_->enter();
    else if (page == trainee_)
        trainee_->enter();
    else
        cases_->enter();
}

void PracticePlace::addCommands(const PlaceCommands& add) {
    const std::pair<const char*, QString> pages[] = {{"practice.cases", tr("Cases")},
                                                     {"practice.reading", tr("Pages to read")},
                                                     {"practice.what-if", tr("What if")},
                                                     {"practice.trainee", tr("Progress of a trainee")}};
    for (int i = 0; i < static_cast<int>(std::size(pages)); ++i)
        add(pages[i].first, pages[i].second, [this, i] { showPage(static_cast<Page>(i)); });
}

} // namespace fusain::desktop

#include "moc_practice_place.cpp"
