#include "desktop/places/clients/plan_page.hpp"

#include "desktop/places/clients/energy_dialogs.hpp"
#include "desktop/places/clients/health_dialog.hpp"
#include "desktop/services/computing.hpp"
#include "desktop/services/plans.hpp"
#include "desktop/services/screenings.hpp"
#include "desktop/widgets/appearance.hpp"
#include "desktop/widgets/dialog_foot.hpp"
#include "procedure/meaning/key_points.hpp"
#include "procedure/meaning/plan_schools.hpp"
#include "procedure/meaning/progress.hpp"
#include "record/all/record.hpp"
#include "record/library/catalogue.hpp"
#include "report/base/words.hpp"
#include "report/pages/trend_model.hpp"

#include <QDialog>
#include <QHeaderView>
#include <QScrollArea>
#include <QTabWidget>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>
#include <map>

namespace fusain::desktop {
namespace {

/// Ways of life as activity levels. FAO/WHO/UNU 2001.
struct Way {
    const char* name;
    double level;
};
constexpr Way ways[] = {{QT_TR_NOOP("mostly sitting (1.45)"), 1.45},
                        {QT_TR_NOOP("light, some walking (1.6)"), 1.6},
                        {QT_TR_NOOP("active most days (1.8)"), 1.8},
                        {QT_TR_NOOP("hard training or work (2.1)"), 2.1}};

QString kcal(KilocaloriesPerDay energy) {
    return QObject::tr("%1 kcal").arg(number(energy.value(), 0));
}

constexpr int leastWeeks = 4, mostWeeks = 52, weekStep = 4;
constexpr int leastChange = -1000, mostChange = 500, changeStep = 50;

// Every mass that was read at a signed test up to the one that the plan begins with.
std::vector<report::CourseModel::Measured> measuredBefore(const ComputedTest& begin,
                                                          const std::vector<ComputedTest>& tests) {
    constexpr double daysOfAWeek = 7.0;
    std::vector<report::CourseModel::Measured> past;
    for (const ComputedTest& test : tests) {
        const auto mass = valueOf(Followed::Mass, test);
        const double weeks =
            minutesBetween(begin.record().startedAt, test.record().startedAt) / (60.0 * 24.0 * daysOfAWeek);
        if (mass && weeks <= 0.0)
            past.push_back(
                {weeks, mass->value, normal95 * mass->visitError, report::day(test.record().startedAt)});
    }
    std::ranges::sort(past, {}, &report::CourseModel::Measured::week);
    return past;
}

} // namespace

PlanPage::PlanPage(Session& session)
    : session_(session), start_(label({}, "heading")),
      target_(new ValueField(tr("Target fat"), QStringLiteral("%"))),
      weeks_(new GuardedSlider(leastWeeks, mostWeeks, weekStep, 12, tr("Weeks"))),
      change_(new GuardedSlider(leastChange, mostChange, changeStep, -300,
                                tr("Energy a day against balance, kilocalories"))),
      sliders_(label({})), weeksWords_(label({})), guard_(label({}, "soft")), activity_(new QComboBox),
      exercise_(new ValueField(tr("Exercise, net"), tr("kcal/d"))),
      resting_(new ValueField(tr("Rest, measured"), tr("kcal/d"))), athlete_(new QCheckBox(tr("Trains hard"))),
      health_(button(tr("Health questions…"))), needs_(button(tr("Set energy"))),
      describe_(button(tr("A usual day…"))), measure_(button(tr("A resting test…"))),
      stop_(label({}, "warning")), result_(new QWidget),
      course_(new FigureView(tr("Mass over the weeks"), 176)),
      points_(
          table({tr("after"), tr("mass, kg"), tr("95 % CI, kg"), tr("fat, kg"), tr("fat-free, kg"), tr("TDEE")},
                tr("Where this leads"))),
      schools_(new RecordsView({tr("approach"), tr("kcal"), tr("mass at the end, kg")},
                               tr("Approaches side by side"))),
      trainingDays_(new ValueField(tr("Training days a week"), {})), notes_(new QLineEdit), words_(label({})),
      keep_(button(tr("Save this plan"), true)), kept_(label({}, "soft")) {
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(0, 8, 0, 0);
    layout->setSpacing(scaled(20));
    layout->addWidget(controls());
    layout->addWidget(whereItLeads(), 1);
    followControls();
}

// In a low window the controls scroll; none of them is cut.
QWidget* PlanPage::controls() {
    for (const Way& way : ways)
        activity_->addItem(tr(way.name), way.level);
    activity_->setCurrentIndex(1);
    activity_->setAccessibleName(tr("Way of life"));
    for (ValueField* field : {target_, exercise_, resting_, trainingDays_})
        field->makeCompact();
    needs_->setToolTip(tr("Sets the energy a day that reaches the target in these weeks."));
    notes_->setPlaceholderText(tr("training, food, sleep …"));
    notes_->setAccessibleName(tr("What to note until next time"));
    auto* inside = new QWidget;
    auto* left = new QVBoxLayout(inside);
    left->setContentsMargins(0, 0, scaled(8), 0);
    left->setSpacing(scaled(4));
    const auto group = [left](const QString& heading, std::initializer_list<QWidget*> widgets) {
        left->addWidget(label(heading, "heading", false));
        for (QWidget* each : widgets)
            left->addWidget(each);
    };
    group(tr("Who"), {health_, athlete_});
    left->addSpacing(scaled(4));
    group(tr("Way of life"), {activity_, exercise_, trainingDays_, resting_});
    left->addLayout(inOneRow({describe_, measure_}));
    left->addSpacing(scaled(4));
    left->addWidget(label(tr("The plan"), "heading", false));
    left->addLayout(inOneRow({target_, needs_}));
    for (QWidget* each : std::initializer_list<QWidget*>{sliders_, change_, weeksWords_, weeks_, guard_})
        left->addWidget(each);
    left->addSpacing(scaled(4));
    group(tr("To note until next time"), {notes_, keep_, kept_});
    left->addStretch();
    auto* side = new QScrollArea;
    side->setObjectName(QStringLiteral("plain"));
    side->setAccessibleName(tr("What the plan is made from"));
    side->setWidget(inside);
    side->setWidgetResizable(true);
    side->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    side->setFixedWidth(scaled(284));
    return side;
}

QWidget* PlanPage::whereItLeads() {
    schools_->setToolTip(tr("Enter uses the approach."));
    for (const auto& [column, width] : {std::pair(0, 246), std::pair(1, 60), std::pair(2, 164)})
        schools_->setColumnWidth(column, scaled(width));
    schools_->setWordWrap(true);
    schools_->verticalHeader()->setSectionResizeMode(
        QHeaderView::ResizeToContents); // with what each says of itself
    for (const auto& [column, width] :
         {std::pair(0, 104), std::pair(1, 68), std::pair(2, 104), std::pair(3, 56), std::pair(4, 80)})
        points_->setColumnWidth(column, scaled(width));
    auto* under = new QTabWidget; // both are reached without scrolling
    under->setDocumentMode(true);
    under->addTab(points_, tr("&Where this leads"));
    under->addTab(schools_, tr("&Approaches side by side"));
    auto* inside = new QVBoxLayout(result_);
    inside->setContentsMargins(0, 0, 0, 0);
    inside->addWidget(course_, 3);
    inside->addWidget(under, 2);
    inside->addWidget(words_);
    course_->setMinimumHeight(scaled(176));
    under->setMinimumHeight(scaled(188));
    auto* shown = new QWidget;
    auto* right = new QVBoxLayout(shown);
    right->setContentsMargins(0, 0, scaled(8), 0);
    right->addWidget(start_);
    right->addWidget(stop_);
    right->addWidget(result_, 1);
    right->addStretch();
    auto* found = new QScrollArea;
    found->setObjectName(QStringLiteral("plain"));
    found->setAccessibleName(tr("Where the plan leads"));
    found->setWidget(shown);
    found->setWidgetResizable(true);
    found->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    return found;
}

void PlanPage::followControls() {
    for (GuardedSlider* each : {weeks_, change_})
        connect(each, &QSlider::valueChanged, this, &PlanPage::show);
    connect(athlete_, &QCheckBox::toggled, this, &PlanPage::show);
    connect(schools_, &RecordsView::activatedId, this, &PlanPage::useSchool);
    connect(notes_, &QLineEdit::textChanged, kept_, &QLabel::clear); // what was saved had other words
    for (ValueField* each : {target_, exercise_, resting_, trainingDays_})
        connect(each, &ValueField::edited, this, &PlanPage::show);
    connect(activity_, &QComboBox::currentIndexChanged, this, &PlanPage::show);
    connect(health_, &QPushButton::clicked, this, &PlanPage::askAboutHealth);
    connect(needs_, &QPushButton::clicked, this, &PlanPage::useWhatTheGoalNeeds);
    connect(keep_, &QPushButton::clicked, this, &PlanPage::keep);
    connect(describe_, &QPushButton::clicked, this, &PlanPage::describeDay);
    connect(measure_, &QPushButton::clicked, this, &PlanPage::measureRest);
}

void PlanPage::showTests(const std::optional<Client>& client, const std::vector<AnyTest>& tests) {
    const bool another = !client || !client_ || client->id != client_->id;
    client_ = client;
    test_.reset();
    std::vector<ComputedTest> signedTests; // newest first
    for (const AnyTest& test : tests)
        if (auto result = session_.computing().computed(test);
            result && common(test).state == TestState::Signed)
            signedTests.push_back(std::move(*result));
    const auto begin = std::ranges::find_if(
        signedTests, [](const ComputedTest& each) { return each.composition() != nullptr; });
    if (begin != signedTests.end())
        test_ = *begin;
    past_ = test_ ? measuredBefore(*test_, signedTests) : std::vector<report::CourseModel::Measured>{};
    const auto references = test_ ? session_.computing().referencesFor(*test_) : report::ReportReferences{};
    lowLimbLean_ = test_ && hasLowLimbLean(*test_, references.limbLean);
    belowReference_ = test_ && isBelowReference(Statements({.test = &*test_, .fat = references.fat}));
    if (another)
        load();
    show();
}

PlanSubject PlanPage::subject() const {
    return planSubject(test_->record().subject, *test_->composition(),
                       {athlete_->isChecked(), asked(), lowLimbLean_, belowReference_});
}

PlanRequest PlanPage::request() const {
    PlanRequest request;
    if (const auto fat = target_->value())
        request.targetFat = Percent(*fat);
    if (const auto resting = resting_->value(); resting && *resting > 300.0)
        request.measuredResting = KilocaloriesPerDay(*resting);
    request.weeks = weeks_->value();
    request.change = KilocaloriesPerDay(change_->value());
    request.activityLevel = activity_->currentData().toDouble();
    request.exercise = KilocaloriesPerDay(exercise_->value().value_or(0.0));
    request.athlete = athlete_->isChecked();
    request.trainingDays = static_cast<int>(std::clamp(trainingDays_->value().value_or(0.0), 0.0, 7.0));
    request.notes = notes_->text().trimmed().toStdString();
    return request;
}

std::vector<Asked> PlanPage::asked() const {
    const TestSubject& who = test_->record().subject;
    return askedOf(session_.catalogue().screening, screening_, who.sex, who.age, session_.now());
}

void PlanPage::show() {
    result_->setVisible(false);
    health_->setEnabled(test_.has_value());
    if (!test_) {
        start_->setText(tr("A plan begins with a signed test that gives fat."));
        stop_->clear();
        keep_->setEnabled(false);
        kept_->clear();
        for (GuardedSlider* each : {change_, weeks_})
            each->setForbidden({});
        guard_->clear();
        return;
    }
    const auto questions = asked();
    const auto open = std::ranges::count(questions, Clearance::NotAsked, &Asked::clearance);
    health_->setText(open == 0 ? tr("Health questions: asked ✓")
                               : tr("Health questions: %1 of %2 open…").arg(open).arg(questions.size()));
    const auto& body = *test_->composition();
    start_->setText(tr("From %1, %2: %3 kg, %4 % fat.")
                        .arg(report::day(test_->record().startedAt),
                             report::say(methodTitle(methodOf(test_->test))),
                             number((body.fatMass.estimate() + body.fatFreeMass.estimate()).value(), 1),
                             number(body.fatPercent.estimate().value(), 1)));
    sliders_->setText(
        tr("Energy a day: %1 kcal (−1000 to +500)").arg(report::signedNumber(change_->value(), 0)));
    weeksWords_->setText(tr("For %n week(s) (4 to 52)", nullptr, weeks_->value()));
    const auto plan = makePlan(subject(), request());
    stop_->setText(plan ? QString()
                        : report::say(plan.error().what) + QLatin1Char(' ') + report::say(plan.error().remedy));
    stop_->setVisible(!plan);
    const bool saves = plan && !plan->crossing;
    keep_->setEnabled(saves);
    kept_->setText(saves  ? QString()
                   : plan ? tr("Cannot be saved: %1").arg(report::say(plan->crossing->why))
                          : tr("Cannot be saved: the reason is given at the right."));
    showGuards();
    if (!plan)
        return;
    showPlan(*plan);
    showSchools();
}

// Where the sliders must not go, found by asking for the plan at each of their places.
void PlanPage::showGuards() {
    const auto reasonOf = [this](const PlanRequest& wished) {
        const auto plan = makePlan(subject(), wished);
        return !plan            ? report::say(plan.error().what)
               : plan->crossing ? report::say(plan->crossing->why)
                                : QString();
    };
    PlanRequest wished = request();
    change_->setForbidden(stretchesOf(leastChange, mostChange, changeStep, [&](int change) {
        wished.change = KilocaloriesPerDay(change);
        return reasonOf(wished);
    }));
    wished = request();
    weeks_->setForbidden(stretchesOf(leastWeeks, mostWeeks, weekStep, [&](int weeks) {
        wished.weeks = weeks;
        return reasonOf(wished);
    }));
    const QString why = change_->reasonNear(change_->value());
    guard_->setText(why.isEmpty() ? weeks_->reasonNear(weeks_->value()) : why);
    guard_->setVisible(!guard_->text().isEmpty());
}

void PlanPage::showPlan(const Plan& plan) {
    result_->setVisible(true);
    report::CourseModel model = report::courseModel(plan);
    const double shownBefore = -std::max(26.0, static_cast<double>(weeks_->value()));
    std::ranges::copy_if(past_, std::back_inserter(model.past),
                         [&](const auto& visit) { return visit.week >= shownBefore; });
    if (plan.target)
        model.target = {std::min(plan.target->fatFreeKept, plan.target->byPartition).value(),
                        std::max(plan.target->fatFreeKept, plan.target->byPartition).value(),
                        tr("target, %1 % fat").arg(number(target_->value().value_or(0.0), 0))};
    course_->setPaint([model, &palette = session_.palette()](QPainter& painter, const QRectF& area) {
        report::paintCourse(painter, area, model, palette);
    });
    showPoints(plan);
    words_->setText(planInWords(plan).join(QLatin1Char('\n')));
}

// Now, at the target, at the end, and what lies between.
void PlanPage::showPoints(const Plan& plan) {
    std::map<int, QString> named{{0, tr("now")}};
    for (const int week : {4, 12, 26, weeks_->value()})
        if (week <= weeks_->value())
            named[week] = tr("%n week(s)", nullptr, week);
    if (const auto target = target_->value())
        if (const auto week = weekAtTarget(plan, Percent(*target)); week && *week > 0)
            named[*week] = tr("target, %n week(s)", nullptr, *week);
    points_->setRowCount(0);
    for (const auto& [week, name] : named) {
        const PlanPoint& point = plan.points[static_cast<std::size_t>(week)];
        setRow(points_, points_->rowCount(),
               {name, number(point.mass.value(), 1),
                week == 0 ? QString() // as measured
                          : QStringLiteral("%1–%2").arg(number(point.lowest.value(), 1),
                                                        number(point.highest.value(), 1)),
                number(point.fatMass.value(), 1), number(point.fatFreeMass.value(), 1),
                number(point.expenditure.value(), 0)});
    }
}

QStringList PlanPage::planInWords(const Plan& plan) const {
    const auto [least, most] = std::ranges::minmax(plan.estimates, {}, &energy::RestingEstimate::value);
    QStringList lines{
        tr("RMR %1 (%2; %3 equations %4 to %5). TDEE %6. Planned intake %7.")
            .arg(kcal(plan.resting), report::say(plan.restingHow))
            .arg(plan.estimates.size())
            .arg(number(least.value.value(), 0), kcal(most.value), kcal(plan.balance), kcal(plan.intake))};
    if (plan.proteinHigh > 0.0)
        lines << tr("Protein %1 to %2 g a day: %3 to %4 g for each kg of body mass, %5 to %6 g for each kg of "
                    "fat-free mass. Energy availability %7 kcal for each kg of fat-free mass.")
                     .arg(number(plan.proteinLow, 0), number(plan.proteinHigh, 0),
                          number(plan.proteinLow / subject().mass.value(), 1),
                          number(plan.proteinHigh / subject().mass.value(), 1),
                          number(plan.proteinLow / subject().fatFreeMass.value(), 1),
                          number(plan.proteinHigh / subject().fatFreeMass.value(), 1),
                          number(plan.energyAvailability.value(), 0));
    if (const auto days = daysApart(plan.intake, request().exercise, request().trainingDays))
        lines << tr("On days with training %1, on days without %2; over the week the same.")
                     .arg(kcal(days->training), kcal(days->rest));
    if (plan.target)
        lines << tr("Target body fat: at %1 kg if fat-free mass is kept, at %2 kg with the usual loss of it%3.")
                     .arg(number(plan.target->fatFreeKept.value(), 1),
                          number(plan.target->byPartition.value(), 1),
                          plan.weeksAtSafeRate ? tr("; in %1–%2 weeks at 0.5–1 % of body mass a week")
                                                     .arg(number(plan.weeksAtSafeRate->first, 0),
                                                          number(plan.weeksAtSafeRate->second, 0))
                                               : QString());
    for (const Message& caution : plan.cautions)
        lines << report::say(caution);
    return lines;
}

void PlanPage::showSchools() {
    std::vector<TableModel::Row> rows;
    for (const SchoolPlan& each : plansBySchool(subject(), request())) {
        const PlanSchool& school = *each.school;
        const auto named = [&](const QString& more) {
            return report::say(school.title) + QLatin1Char('\n') + more;
        };
        if (!each.plan || each.plan->crossing) {
            const Message& why = each.plan ? each.plan->crossing->why : each.plan.error().what;
            rows.push_back({{}, {{named(report::say(why))}, {}, {tr("not for this person")}}});
            continue;
        }
        const PlanPoint& end = each.plan->points.back();
        rows.push_back(
            {report::plain(school.id),
             {{named(tr("Source: %1. %2").arg(report::say(school.source), report::say(school.caveat)))},
              {number(each.plan->intake.value(), 0), each.plan->intake.value()},
              {tr("%1 (%2–%3)")
                   .arg(number(end.mass.value(), 1), number(end.lowest.value(), 1),
                        number(end.highest.value(), 1)),
               end.mass.value()}}});
    }
    schools_->setRows(std::move(rows));
}

void PlanPage::useSchool(const QString& id) {
    if (!test_)
        return;
    for (const SchoolPlan& each : plansBySchool(subject(), request()))
        if (report::plain(each.school->id) == id) {
            showLevel(each.request.activityLevel);
            if (each.request.exercise.value() > 0.0)
                exercise_->setValue(each.request.exercise.value(), 0);
            change_->setValue(static_cast<int>(std::lround(each.request.change.value())));
            return show();
        }
}

void PlanPage::useWhatTheGoalNeeds() {
    if (!test_ || !target_->value())
        return;
    const PlanRequest wished = request();
    if (!stopsBefore(subject(), wished).empty())
        return;
    const PlanSubject who = subject();
    const auto target = energy::targetMass(who.fatMass, who.fatFreeMass, *target_->value() / 100.0);
    PlanRequest still = wished;
    still.change = KilocaloriesPerDay(0.0);
    const auto now = makePlan(who, still);
    if (!now)
        return;
    const Kilograms middle = 0.5 * (target.fatFreeKept + target.byPartition);
    change_->setValue(static_cast<int>(
        std::lround(energy::intakeFor({who.mass, who.fatMass, now->resting, wished.activityLevel},
                                      middle - who.mass, 7 * wished.weeks)
                        .value())));
}

void PlanPage::useScreening(Screening screening, bool kept) {
    screening_ = std::move(screening);
    if (kept && client_) {
        const auto done =
            keepScreening(session_.book(), client_->id, screening_, session_.atTheBench().id, readAt());
        readAt_ = session_.book().lastEvent();
        session_.report(done);
    }
    show();
}

void PlanPage::askAboutHealth() {
    if (!test_)
        return;
    const TestSubject who = test_->record().subject;
    const ScreeningQuestions& set = session_.catalogue().screening;
    HealthDialog dialog(set, set.concerning(who.sex, who.age), screening_, session_.now(),
                        session_.atTheBench().id, this);
    // What was said of one client never lands with another, whatever happened behind the dialog.
    if (dialog.exec() == QDialog::Accepted && client_ && client_->id == who.clientId)
        useScreening(dialog.screening(), dialog.consent());
}

// A described day stands beside the bands, as one more entry.
void PlanPage::showLevel(double level) {
    constexpr int bands = static_cast<int>(std::size(ways));
    if (const int known = activity_->findData(level); known >= 0)
        return activity_->setCurrentIndex(known);
    while (activity_->count() > bands)
        activity_->removeItem(bands);
    activity_->addItem(tr("as described (%1)").arg(number(level, 2)), level);
    activity_->setCurrentIndex(bands);
}

void PlanPage::describeDay() {
    DescribedDayDialog dialog(this);
    if (dialog.exec() == QDialog::Accepted)
        if (const auto level = dialog.level())
            showLevel(std::clamp(*level, 1.2, 2.5));
}

void PlanPage::measureRest() {
    RestingDialog dialog(this);
    if (dialog.exec() == QDialog::Accepted)
        if (const auto measured = dialog.measurement()) {
            resting_->setValue(measured->energy.value(), 0);
            show();
        }
}

void PlanPage::keep() {
    const auto plan =
        client_ && test_ ? makePlan(subject(), request()) : Expected<Plan>(tl::unexpected(Problem{}));
    if (!plan || plan->crossing)
        return;
    const auto saved = savePlan(session_.book(), client_->id, request(), session_.atTheBench().id, readAt());
    readAt_ = session_.book().lastEvent(); // who saves once more has been told what came in between
    if (session_.report(saved))
        kept_->setText(tr("✓ Saved on %1 by %2")
                           .arg(report::longDay(session_.now()), report::plain(session_.atTheBench().name)));
}

// A file has one window, and what that undid is no surprise to it.
std::optional<std::int64_t> PlanPage::readAt() const {
    return session_.book().address().onServer() ? std::optional(readAt_) : std::nullopt;
}

void PlanPage::load() {
    readAt_ = session_.book().lastEvent();
    athlete_->setChecked(false);
    for (ValueField* field : {target_, exercise_, resting_, trainingDays_})
        field->clear();
    showText(notes_, {});
    screening_ = client_ ? screeningOf(session_.book(), client_->id) : Screening{};
    // Who has no plan begins at balance; nothing of the client before stays.
    const auto saved =
        client_ ? readPlan(session_.book(), client_->id) : Expected<std::optional<PlanRequest>>(std::nullopt);
    if (!saved)
        session_.report(tl::unexpected(saved.error()));
    const PlanRequest request = saved.value_or(std::nullopt).value_or(PlanRequest{});
    athlete_->setChecked(request.athlete);
    showText(notes_, report::plain(request.notes));
    if (request.trainingDays > 0)
        trainingDays_->setValue(request.trainingDays, 0);
    weeks_->setValue(request.weeks);
    change_->setValue(static_cast<int>(request.change.value()));
    showLevel(request.activityLevel);
    if (request.targetFat)
        target_->setValue(request.targetFat->value(), 1);
    if (request.exercise.value() > 0.0)
        exercise_->setValue(request.exercise.value(), 0);
    if (request.measuredResting)
        resting_->setValue(request.measuredResting->value(), 0);
}

} // namespace fusain::desktop

#include "moc_plan_page.cpp"
