#include "desktop/places/practice/reading_page.hpp"

#include "desktop/places/practice/made_up_visits.hpp"
#include "desktop/services/background.hpp"
#include "desktop/services/computing.hpp"
#include "desktop/widgets/appearance.hpp"
#include "record/all/record.hpp"
#include "record/base/json.hpp"
#include "record/library/catalogue.hpp"
#include "report/base/words.hpp"
#include "report/pages/reading_sheet.hpp"

#include <QHBoxLayout>
#include <QKeyEvent>
#include <QScrollArea>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

namespace fusain::desktop {
namespace {

QString verdictWords(Verdict verdict) {
    return verdict == Verdict::Real         ? QObject::tr("real")
           : verdict == Verdict::MayBeNoise ? QObject::tr("noise")
                                            : QObject::tr("not comparable");
}
QString signedNumber(double value, int decimals) {
    const QString size = number(std::abs(value), decimals);
    return size == number(0.0, decimals) ? size
                                         : (value < 0.0 ? QStringLiteral("−") : QStringLiteral("+")) + size;
}

} // namespace

ReadingPage::ReadingPage(Session& session, Attempts& attempts)
    : session_(session), attempts_(attempts), list_(new QListWidget),
      page_(new FigureView(tr("The client's page"), 430)), story_(label({}, "heading")), answer_(label({})),
      lines_(table({tr("what changed"), tr("your reading")}, tr("Your reading"))),
      check_(button(tr("Check my reading"), true)) {
    list_->setAccessibleName(tr("Pages to read"));
    list_->setFixedWidth(scaled(210));
    lines_->setFixedHeight(scaled(152)); // four changes and the head
    lines_->setColumnWidth(0, scaled(150));
    lines_->installEventFilter(this);
    auto* keys = label(tr("1 real   2 noise   3 not comparable   Enter checks"), "soft");
    auto* right = new QVBoxLayout;
    right->setSpacing(8);
    right->addWidget(story_);
    right->addWidget(lines_);
    right->addWidget(keys);
    right->addLayout(inOneRow({check_}));
    auto* answer = new QScrollArea; // the reasons may be many
    answer->setWidget(answer_);
    answer->setWidgetResizable(true);
    answer->setFrameShape(QFrame::NoFrame);
    answer->setAccessibleName(tr("The answer"));
    answer_->setAlignment(Qt::AlignTop);
    answer_->setMargin(8);
    right->addWidget(answer, 1);
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(24, 12, 24, 16);
    layout->setSpacing(20);
    layout->addWidget(list_);
    layout->addWidget(page_, 5);
    layout->addLayout(right, 4);
    for (const ReadingExercise& each : session.catalogue().readings)
        list_->addItem(report::say(each.title));
    connect(list_, &QListWidget::itemActivated, this, [this] {
        open(session_.catalogue().readings[static_cast<std::size_t>(list_->currentRow())].id);
        lines_->setFocus();
    });
    connect(list_, &QListWidget::currentRowChanged, this, [this](int row) {
        if (row >= 0 && isVisible())
            prepareAndOpen(session_.catalogue().readings[static_cast<std::size_t>(row)]);
    });
    connect(check_, &QPushButton::clicked, this, [this] { check(); });
}

void ReadingPage::refresh() {
    const auto answered = attempts_.readings();
    const auto& exercises = session_.catalogue().readings;
    for (int row = 0; row < list_->count(); ++row) {
        const ReadingExercise& each = exercises[static_cast<std::size_t>(row)];
        QString text = report::say(each.title);
        for (const ReadingAttempt& attempt : answered)
            if (attempt.exercise == each.id && attempt.trainee == session_.atTheBench().id)
                text = report::say(each.title) + tr("   %1 of %2").arg(attempt.right).arg(attempt.asked);
        list_->item(row)->setText(text);
    }
    if (!shown_ && isVisible() && !exercises.empty()) {
        const QSignalBlocker blocker(list_);
        list_->setCurrentRow(0);
        prepareAndOpen(exercises.front());
    }
}

// One visit after the other, so that the window answers meanwhile; the one asked for last is opened.
void ReadingPage::prepareAndOpen(const ReadingExercise& exercise) {
    if (std::exchange(preparing_, &exercise) == &exercise)
        return;
    session_.background().runInSlices(
        tr("Preparing the page"), exercise.visits.size(),
        [this, &exercise,
         random = std::make_shared<simulation::Random>(static_cast<std::uint64_t>(exercise.seed))](
            std::size_t) { return playNext(exercise, *random); },
        this,
        [this, &exercise](const Expected<void>& done) {
            if (preparing_ != &exercise)
                return;
            preparing_ = nullptr;
            if (!done)
                session_.report(done);
            else if (isVisible())
                open(exercise.id);
        });
}

// The person and the visits are made once in a practice book and found again later.
Expected<Client> ReadingPage::personOf(const ReadingExercise& exercise) {
    const std::string id = "reading-" + exercise.id;
    if (auto known = session_.book().client(id))
        return *known;
    const Client person{id,
                        "R-" + exercise.id.substr(exercise.id.find('-') + 1),
                        report::say(exercise.title).toStdString(),
                        *dateFromIso("1988-05-05"),
                        exercise.person->value("sex", "female") == "male" ? Sex::Male : Sex::Female,
                        metresFromCentimetres(exercise.person->at("height_cm").get<double>()),
                        UnitSystem::Metric,
                        {},
                        false};
    const auto done = session_.book().save(person, session_.atTheBench().id);
    return done ? Expected<Client>(person) : tl::unexpected(done.error());
}

std::vector<AnyTest> ReadingPage::playedVisits(const ReadingExercise& exercise) {
    auto tests = session_.book().testsOf("reading-" + exercise.id);
    std::erase_if(tests, [](const AnyTest& test) { return common(test).state != TestState::Signed; });
    return tests;
}

Expected<void> ReadingPage::playNext(const ReadingExercise& exercise, simulation::Random& random) {
    const std::size_t visit = playedVisits(exercise).size();
    if (visit >= exercise.visits.size())
        return {};
    const auto person = personOf(exercise);
    if (!person)
        return tl::unexpected(person.error());
    const auto played = playVisit(session_, *person, exercise.visits[visit], exercise.person, random);
    return played ? Expected<void>() : tl::unexpected(played.error());
}

Expected<void> ReadingPage::make(const ReadingExercise& exercise) {
    simulation::Random random(static_cast<std::uint64_t>(exercise.seed));
    for (std::size_t visit = 0; visit < exercise.visits.size(); ++visit)
        if (auto played = playNext(exercise, random); !played)
            return played;
    tests_.clear();
    for (const AnyTest& test : playedVisits(exercise)) {
        auto computed = session_.computing().computed(test);
        if (!computed)
            return tl::unexpected(computed.error());
        tests_.push_back(std::move(*computed));
    }
    return {};
}

bool ReadingPage::open(const std::string& exerciseId) {
    const auto& exercises = session_.catalogue().readings;
    const auto exercise = std::ranges::find(exercises, exerciseId, &ReadingExercise::id);
    if (exercise == exercises.end())
        return false;
    preparing_ = nullptr;
    // Success is not reported: the page that is being opened would be refreshed, and opened again.
    if (const auto made = make(*exercise); !made)
        return session_.report(made);
    shown_ = &*exercise;
    {
        const QSignalBlocker blocker(list_);
        list_->setCurrentRow(static_cast<int>(exercise - exercises.begin()));
    }
    key_ = readingKey(*exercise, tests_, session_.catalogue().protocolFor(exercise->visits.back().method));
    marks_.assign(key_.size(), std::nullopt);
    checked_ = false;
    story_->setText(report::say(exercise->story));
    answer_->setText({});
    showPage(*exercise);
    showMarks();
    lines_->setCurrentCell(0, 0);
    return true;
}

// The upper part of the page, as wide as there is room.
void ReadingPage::showPage(const ReadingExercise& exercise) {
    const auto flow = report::readingSheet(session_.letterhead(), report::say(exercise.title),
                                           tests_[readingBaseline(tests_)], tests_.back(), exercise.quantities,
                                           session_.catalogue().protocolFor(exercise.visits.back().method));
    page_->setPaint([flow](QPainter& painter, const QRectF& area) {
        const QSizeF paper = report::sizeOf(flow.paper());
        const double width = area.width() - 2.0;
        const QRectF sheet(area.left(), area.top(), width, width * paper.height() / paper.width());
        painter.setClipRect(area);
        painter.fillRect(sheet, Qt::white);
        painter.setPen(QPen(report::printPalette().rule, 1));
        painter.drawRect(sheet);
        flow.paint(painter, 0, sheet);
    });
}

void ReadingPage::showMarks() {
    const int row = std::max(0, lines_->currentRow());
    lines_->setRowCount(0);
    for (std::size_t i = 0; i < key_.size(); ++i)
        setRow(lines_, static_cast<int>(i),
               {report::say(key_[i].quantity->title),
                marks_[i] ? verdictWords(*marks_[i]) + (!checked_                       ? QString()
                                                        : *marks_[i] == key_[i].verdict ? QStringLiteral("  ✓")
                                                                                        : QStringLiteral("  ▲"))
                          : tr("…")});
    lines_->setCurrentCell(row, 0);
    check_->setEnabled(!checked_ &&
                       std::ranges::all_of(marks_, [](const auto& each) { return each.has_value(); }));
}

void ReadingPage::mark(int line, Verdict verdict) {
    if (checked_ || line < 0 || line >= static_cast<int>(marks_.size()))
        return;
    marks_[static_cast<std::size_t>(line)] = verdict;
    showMarks();
    lines_->setCurrentCell(std::min(line + 1, lines_->rowCount() - 1), 0);
}

std::optional<ReadingScore> ReadingPage::check() {
    std::vector<Verdict> marked;
    for (const auto& each : marks_)
        if (each)
            marked.push_back(*each);
    if (!shown_ || checked_ || marked.size() != key_.size())
        return std::nullopt;
    checked_ = true;
    const ReadingScore score = scoreReading(key_, marked);
    session_.report(
        attempts_.keep({shown_->id, session_.atTheBench().id, session_.now(), score.right, score.asked}));
    answer_->setText(tr("%1 of %2 read rightly.").arg(score.right).arg(score.asked) + QStringLiteral("\n\n") +
                     explanation(marked));
    showMarks();
    return score;
}

// Changes that have the same reason stand together.
QString ReadingPage::explanation(const std::vector<Verdict>& marked) const {
    QStringList lines;
    for (std::size_t from = 0; from < key_.size();) {
        std::size_t to = from;
        QStringList names, truths;
        for (; to < key_.size() && key_[to].reasons == key_[from].reasons; ++to) {
            const ReadingLine& line = key_[to];
            names << (marked[to] == line.verdict ? QStringLiteral("✓ ") : QStringLiteral("▲ ")) +
                         report::say(line.quantity->title);
            QString truth =
                signedNumber(line.truth, line.quantity->decimals) + QLatin1Char(' ') +
                QString::fromUtf8(line.quantity->unit.data(), static_cast<int>(line.quantity->unit.size()));
            if (line.deceptive())
                truth += line.verdict == Verdict::Real ? tr(" (one pair of tests in twenty deceives like this)")
                                                       : tr(" (a change too small for these two tests)");
            truths << truth;
        }
        QStringList reasons;
        for (const Message& reason : key_[from].reasons)
            reasons << report::say(reason);
        lines << tr("%1: %2\nTrue value %3.")
                     .arg(names.join(QStringLiteral(", ")), reasons.join(QLatin1Char('\n')),
                          truths.join(QStringLiteral(", ")));
        from = to;
    }
    return lines.join(QStringLiteral("\n\n"));
}

bool ReadingPage::eventFilter(QObject* watched, QEvent* event) {
    if (watched == lines_ && event->type() == QEvent::KeyPress) {
        const int key = static_cast<QKeyEvent*>(event)->key();
        if (key >= Qt::Key_1 && key <= Qt::Key_3) {
            constexpr std::array verdicts{Verdict::Real, Verdict::MayBeNoise, Verdict::NotComparable};
            mark(lines_->currentRow(), verdicts[static_cast<std::size_t>(key - Qt::Key_1)]);
            return true;
        }
        if (key == Qt::Key_Return || key == Qt::Key_Enter) {
            check();
            return true;
        }
    }
    return QWidget::eventFilter(watched, event);
}

} // namespace fusain::desktop

#include "moc_reading_page.cpp"
