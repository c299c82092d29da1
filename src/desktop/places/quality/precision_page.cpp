#include "desktop/places/quality/precision_page.hpp"

#include "core/quality/precision_study.hpp"
#include "desktop/places/quality/second_day_dialog.hpp"
#include "desktop/services/background.hpp"
#include "desktop/services/computing.hpp"
#include "desktop/services/text_files.hpp"
#include "desktop/widgets/appearance.hpp"
#include "exchange/lab/quality_csv.hpp"
#include "procedure/all/methods.hpp"
#include "record/all/record.hpp"
#include "report/base/words.hpp"

#include <QVBoxLayout>
#include <algorithm>
#include <array>

namespace fusain::desktop {
namespace {

/// People and tests of each that give thirty degrees of freedom, the most usual first.
constexpr std::array plans{std::pair(15, 3), std::pair(30, 2), std::pair(10, 4)};

// What a study says. One of the same day knows the repeatability; the least significant change needs the days
// as well.
QString studyWords(const quality::Precision& precision, const QString& when, bool betweenDays) {
    QString words = QObject::tr("%1: SD %2, CV %3 %, %4 degrees of freedom, upper bound %5 (one-sided 95 %).")
                        .arg(when, report::number(precision.rootMeanSquareSd, 3),
                             report::number(precision.rootMeanSquareCv, 2))
                        .arg(precision.degreesOfFreedom)
                        .arg(report::number(precision.upperBound, 3)) +
                    QLatin1Char(' ');
    if (!precision.enough())
        return words +
               QObject::tr("%1 of 27 degrees of freedom: too few to be used.").arg(precision.degreesOfFreedom);
    if (!betweenDays)
        return words + QObject::tr("Changes are judged by it and by the day-to-day variation of the policy.");
    return words + QObject::tr("Least significant change %1. Changes are judged by it.")
                       .arg(report::number(precision.leastSignificantChange, 2));
}

} // namespace

PrecisionPage::PrecisionPage(Session& session)
    : session_(session), quantity_(new QComboBox), group_(new QComboBox), design_(new QComboBox),
      sex_(new QComboBox), plan_(new QComboBox), leastFat_(new ValueField(tr("fat from"), QStringLiteral("%"))),
      mostFat_(new ValueField(tr("to"), QStringLiteral("%"))), person_(new QLineEdit),
      precision_(label({}, "heading")),
      people_(table({tr("person"), tr("repeats")}, tr("People of the study"))) {
    auto* layout = new QVBoxLayout(this);
    quantity_->setAccessibleName(tr("Quantity of the study"));
    group_->setAccessibleName(tr("Measured by"));
    person_->setPlaceholderText(tr("repeats of one person: 18.2 18.5 18.3"));
    person_->setAccessibleName(tr("Repeats of one person"));
    person_->setMinimumWidth(scaled(320));
    auto* add = button(tr("Add person"), true);
    auto* keep = button(tr("Save the study"));
    auto* import = button(tr("Import CSV…"));
    layout->addWidget(label(
        tr("Measure 15 people three times or 30 people twice. On the same day, with repositioning, the study "
           "gives "
           "the repeatability. 2 to 7 days apart, prepared as always, it gives the least significant change."),
        "soft"));
    design_->addItems({tr("same day, repositioned"), tr("between days")});
    design_->setAccessibleName(tr("Design of the study"));
    group_->setMinimumWidth(scaled(220));
    layout->addLayout(inOneRow({quantity_, design_, group_, import}));
    sex_->addItems({tr("women and men"), tr("women"), tr("men")});
    sex_->setAccessibleName(tr("People of the study"));
    for (const auto& [people, repeats] : plans)
        plan_->addItem(tr("n = %1, tests each: %2").arg(people).arg(repeats), repeats);
    plan_->setAccessibleName(tr("Plan of the study"));
    for (ValueField* field : {leastFat_, mostFat_})
        field->makeCompact();
    auto* take = button(tr("Take from signed tests"));
    auto* book = button(tr("Book a second day…"));
    sex_->setMinimumWidth(scaled(170));
    plan_->setMinimumWidth(scaled(220));
    layout->addLayout(inOneRow({sex_, leastFat_, mostFat_, plan_}));
    layout->addLayout(inOneRow({take, book, keep}));
    layout->addLayout(inOneRow({person_, add}));
    layout->addWidget(precision_);
    layout->addWidget(people_, 1);
    connect(add, &QPushButton::clicked, this, &PrecisionPage::addPerson);
    connect(person_, &QLineEdit::returnPressed, this, &PrecisionPage::addPerson);
    connect(import, &QPushButton::clicked, this, &PrecisionPage::importStudy);
    // What was collected was of other people, by other hands or by another plan.
    const auto beginAnew = [this] {
        collected_.clear();
        showStudy();
    };
    for (const QComboBox* choice : {quantity_, group_, design_, sex_, plan_})
        connect(choice, &QComboBox::currentIndexChanged, this, beginAnew);
    for (const ValueField* limit : {leastFat_, mostFat_})
        connect(limit, &ValueField::edited, this, beginAnew);
    connect(keep, &QPushButton::clicked, this, &PrecisionPage::keepStudy);
    connect(take, &QPushButton::clicked, this, &PrecisionPage::takeFromTests);
    connect(book, &QPushButton::clicked, this, &PrecisionPage::bookSecondDay);
}

void PrecisionPage::showInstrument(const Instrument& instrument) {
    if (instrument_ != instrument.id)
        collected_.clear();
    instrument_ = instrument.id;
    offerQuantities();
    offerGroups();
    showStudy();
}

void PrecisionPage::offerQuantities() {
    const QSignalBlocker blocker(quantity_);
    const QVariant chosen = quantity_->currentData();
    studied_ = studiedOf(instrument_);
    quantity_->clear();
    for (const FollowedText& text : studied_)
        quantity_->addItem(tr("%1, %2").arg(report::say(text.title), report::plain(text.unit)),
                           report::plain(text.id));
    quantity_->setCurrentIndex(std::max(0, quantity_->findData(chosen)));
}

// Everyone, a role, or one colleague: another pair of hands may be less precise.
void PrecisionPage::offerGroups() {
    const QSignalBlocker blocker(group_);
    const QVariant chosen = group_->currentData();
    group_->clear();
    group_->addItem(tr("measured by anyone"), QString());
    for (const Role role : {Role::Technician, Role::Trainee, Role::Physiologist})
        group_->addItem(
            tr("by a %1").arg(report::say(roleText(role))),
            QString::fromUtf8(roleText(role).data(), static_cast<qsizetype>(roleText(role).size())));
    for (const Staff& staff : session_.book().staff())
        group_->addItem(tr("by %1").arg(report::plain(staff.name)), report::plain(staff.id));
    group_->setCurrentIndex(std::max(0, group_->findData(chosen)));
}

void PrecisionPage::keepStudy() {
    if (collected_.empty())
        return;
    const FollowedText& quantity = studied_[static_cast<std::size_t>(quantity_->currentIndex())];
    const Study study{session_.freshId("study"),
                      instrument_,
                      std::string(quantity.id),
                      std::string(quantity.unit),
                      session_.now(),
                      session_.atTheBench().id,
                      collected_,
                      group_->currentData().toString().toStdString(),
                      design_->currentIndex() == 1,
                      population()};
    if (session_.report(session_.book().save(study, session_.atTheBench().id)))
        collected_.clear();
    showStudy();
}

void PrecisionPage::showStudy() {
    const std::string quantity = quantity_->currentData().toString().toStdString();
    auto shown = collected_;
    QString when = tr("being collected");
    if (shown.empty())
        for (const Study& study : session_.book().studies(instrument_))
            if (study.quantity == quantity && study.group == group_->currentData().toString().toStdString() &&
                study.betweenDays == (design_->currentIndex() == 1) && study.population == population()) {
                shown = study.people;
                when = report::day(study.at);
            }
    const auto precision = quality::precisionOf(shown);
    precision_->setText(!precision ? tr("No study yet.")
                                   : studyWords(*precision, when, design_->currentIndex() == 1));
    people_->setRowCount(static_cast<int>(shown.size()));
    for (int row = 0; row < people_->rowCount(); ++row) {
        QStringList repeats;
        for (const double value : shown[static_cast<std::size_t>(row)])
            repeats << report::number(value, 2);
        setRow(people_, row, {QString::number(row + 1), repeats.join(QStringLiteral("   "))});
    }
}

StudiedPeople PrecisionPage::population() const {
    StudiedPeople people;
    if (sex_->currentIndex() > 0)
        people.sex = sex_->currentIndex() == 1 ? Sex::Female : Sex::Male;
    people.leastFat = Percent(leastFat_->value().value_or(0.0));
    people.mostFat = Percent(mostFat_->value().value_or(100.0));
    return people;
}

std::string PrecisionPage::method() const {
    std::string found;
    for (const std::string_view method : methods)
        Methods::with(method, [&]<class Method> {
            if (Running<Method>::precisionInstrument == instrument_)
                found = method;
        });
    return found;
}

// The study speaks for these hands only; nobody named is everybody.
std::set<std::string> PrecisionPage::handsOf(const std::string& group) const {
    std::set<std::string> hands;
    if (!group.empty())
        hands.insert(group);
    for (const Staff& staff : session_.book().staff())
        if (roleText(staff.role) == group)
            hands.insert(staff.id);
    return hands;
}

PrecisionPage::Asked PrecisionPage::asked() const {
    const std::string group = group_->currentData().toString().toStdString();
    return {instrument_,
            quantity_->currentData().toString().toStdString(),
            group,
            handsOf(group),
            design_->currentIndex() == 1,
            plan_->currentData().toInt(),
            population()};
}

std::optional<StudyValue> PrecisionPage::valueOf(const AnyTest& test, const Asked& asked) {
    if (common(test).state != TestState::Signed ||
        (!asked.hands.empty() && !asked.hands.contains(common(test).startedBy)))
        return std::nullopt;
    const auto computed = session_.computing().computed(test);
    const auto studied = studiedOf(asked.instrument);
    const auto text = std::ranges::find(studied, asked.quantity, &FollowedText::id);
    const auto value =
        computed && text != studied.end() ? fusain::valueOf(text->quantity, *computed) : std::nullopt;
    if (!value)
        return std::nullopt;
    // A population by its fat is one of tests that give fat.
    const auto* body = computed->composition();
    const Percent fat = body ? body->fatPercent.estimate() : Percent(0.0);
    if (!asked.people.covers(common(test).subject.sex, fat))
        return std::nullopt;
    return StudyValue{common(test).subject.clientId, common(test).startedAt, value->value,
                      computed->shared().setting + computed->shared().conversion};
}

// Nobody has to type what stands in the lab book.
void PrecisionPage::takeFromTests() {
    const auto tests =
        std::make_shared<const std::vector<AnyTest>>(session_.book().testsSince(Instant{}, method()));
    const auto values = std::make_shared<std::vector<StudyValue>>();
    session_.background().runInSlices(
        tr("Looking for repeats in the signed tests"), tests->size(),
        [this, tests, values, question = asked()](std::size_t i) -> Expected<void> {
            if (auto value = valueOf((*tests)[i], question))
                values->push_back(std::move(*value));
            return {};
        },
        this,
        [this, values, question = asked()](const Expected<void>& done) {
            if (session_.report(done))
                takeRepeats(question, std::move(*values));
        });
}

void PrecisionPage::takeRepeats(const Asked& question, std::vector<StudyValue> values) {
    if (question != asked())
        return; // something else was chosen meanwhile
    collected_ = repeatsFor(question.betweenDays, question.repeats, std::move(values), &report::sameDay);
    if (collected_.empty())
        session_.report(failure({FUSAIN_TEXT("No client has enough signed tests for this design yet."), {}}, {},
                                {FUSAIN_TEXT("Book their second day, or type the repeats."), {}}));
    showStudy();
}

void PrecisionPage::bookSecondDay() {
    SecondDayDialog dialog(session_, method(), this);
    if (dialog.exec() == QDialog::Accepted)
        dialog.book();
}

void PrecisionPage::addPerson() {
    std::vector<double> repeats;
    for (const QString& part : person_->text().split(QLatin1Char(' '), Qt::SkipEmptyParts))
        if (const auto value = parseTyped(part.toStdString()))
            repeats.push_back(*value);
        else {
            session_.report(failure({FUSAIN_TEXT("\"{1}\" is not a number."), {part.toStdString()}}, {},
                                    {FUSAIN_TEXT("Type the repeats with spaces between them."), {}}));
            return;
        }
    if (repeats.size() < 2) {
        session_.report(failure({FUSAIN_TEXT("A person needs at least two repeats."), {}}));
        return;
    }
    collected_.push_back(std::move(repeats));
    person_->clear();
    showStudy();
}

void PrecisionPage::importStudy() {
    const auto chosen = chooseText(session_, this, tr("Import a study"), tr("Tables (*.csv)"), 8);
    if (!chosen)
        return;
    auto people = exchange::studyFromCsv(chosen->text, chosen->path);
    if (!people) {
        session_.report(tl::unexpected(people.error()));
        return;
    }
    collected_ = std::move(*people);
    showStudy();
}

} // namespace fusain::desktop

#include "moc_precision_page.cpp"
