#pragma once
#include "desktop/places/practice/cases_page.hpp"
#include "desktop/places/practice/practice_strip.hpp"
#include "desktop/places/practice/reading_page.hpp"
#include "desktop/places/practice/trainee_page.hpp"
#include "desktop/places/practice/what_if_page.hpp"
#include "desktop/views/place.hpp"

#include <QTabWidget>

namespace fusain::desktop {

/// The practice room: made-up people with known bodies, instruments that misbehave as they do, pages to read, a
/// bench for trying what would happen if, and how each trainee comes on.
class PracticePlace : public Place {
    Q_OBJECT
public:
    enum class Page { Cases, Reading, WhatIf, Trainee };
    explicit PracticePlace(Session& session);
    void refresh() override;
    [[nodiscard]] QString where() const override;
    void enter() override;
    void addCommands(const PlaceCommands& add) override;
    void showPage(Page page) { pages_->setCurrentIndex(static_cast<int>(page)); }

    [[nodiscard]] PracticeRun& run() { return run_; }
    [[nodiscard]] CasesPage& cases() { return *cases_; }
    [[nodiscard]] ReadingPage& reading() { return *reading_; }
    [[nodiscard]] WhatIfPage& whatIf() { return *whatIf_; }
    [[nodiscard]] TraineePage& trainee() { return *trainee_; }
    /// What stands over the bench while a case runs.
    [[nodiscard]] PracticeStrip& strip() { return *strip_; }

private:
    PracticeRun run_;
    Attempts attempts_;
    CasesPage* cases_;
    ReadingPage* reading_;
    WhatIfPage* whatIf_;
    TraineePage* trainee_;
    PracticeStrip* strip_;
    QTabWidget* pages_;
};

} // namespace fusain::desktop
