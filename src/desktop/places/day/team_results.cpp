#include "desktop/places/day/team_results.hpp"

#include "desktop/services/computing.hpp"
#include "record/all/record.hpp"
#include "report/base/language.hpp"
#include "report/base/words.hpp"

#include <algorithm>

namespace fusain::desktop {
namespace {

// What was asked of the client and not done, and whose reading somebody doubted.
QStringList unusualIn(const RawTest& record) {
    QStringList unusual;
    const auto notKept =
        std::ranges::count_if(record.answers, [](const AnsweredQuestion& each) { return !each.finding.kept; });
    if (notKept > 0)
        unusual << QObject::tr("%n answer(s) not as asked", nullptr, static_cast<int>(notKept));
    for (const Note& note : record.notes)
        if (note.kind == NoteKind::IdentityKept)
            unusual << QObject::tr("identity was doubted: %1").arg(report::plain(note.text));
        else if (note.kind == NoteKind::SignalOverridden)
            unusual
                << QObject::tr("used although the signal should be repeated: %1").arg(report::plain(note.text));
    return unusual;
}

QString signalOf(const report::TestReport& report) {
    const auto* result = std::get_if<ImpedanceResult>(&report.computed.result);
    return !result || result->signal.empty() ? QString() : report::say(result->signal.front().what);
}

} // namespace

TeamResults::TeamResults(Session& session, QObject* parent) : QObject(parent), session_(session) {
    turn_.setSingleShot(true);
    connect(&turn_, &QTimer::timeout, this, &TeamResults::next);
}

void TeamResults::want(std::vector<std::string> testIds) {
    wanted_ = std::move(testIds);
    std::erase_if(wanted_, [&](const std::string& id) {
        const auto found = known_.find(id);
        return found != known_.end() && found->second.upTo == session_.book().lastEventOf(id);
    });
    if (!wanted_.empty())
        turn_.start(0);
}

const TeamResult* TeamResults::of(const std::string& testId) const {
    const auto found = known_.find(testId);
    return found == known_.end() ? nullptr : &found->second.result;
}

void TeamResults::finish() {
    turn_.stop();
    while (workOutOne()) {
    }
}

void TeamResults::next() {
    if (workOutOne())
        Q_EMIT cameIn();
    if (!wanted_.empty())
        turn_.start(0);
}

bool TeamResults::workOutOne() {
    if (wanted_.empty())
        return false;
    const std::string id = wanted_.back();
    wanted_.pop_back();
    if (auto result = resultOf(id))
        known_[id] = {session_.book().lastEventOf(id), std::move(*result)};
    return true;
}

std::optional<TeamResult> TeamResults::resultOf(const std::string& testId) {
    const auto test = session_.book().test(testId);
    const auto report =
        test ? session_.computing().reportOn(*test) : Expected<report::TestReport>(tl::unexpected(Problem{}));
    if (!report)
        return std::nullopt;
    TeamResult result;
    result.testId = testId;
    result.isSigned = report->record().state == TestState::Signed;
    result.signal = signalOf(*report);
    result.toLook = unusualIn(report->record());
    if (!result.signal.isEmpty())
        result.toLook << result.signal;
    if (const auto* composition = report->composition()) {
        result.fatPercent = composition->fatPercent.estimate().value();
        result.halfInterval = composition->fatPercent.halfInterval().value();
    } else {
        result.toLook << QObject::tr("no fat result: no equation applies to this person");
    }
    if (const auto* change = report->statements.change(Followed::FatMass, Since::Last)) {
        result.change = report::say(verdictOf(Statement(*change)));
        if (change->comparison.verdict == Verdict::Real)
            result.toLook << QObject::tr("changed since the last test");
    }
    if (const auto* place = report->statements.place(Followed::FatPercent))
        if (place->place == ReferencePlace::Below || place->place == ReferencePlace::Above)
            result.toLook << report::say(verdictOf(Statement(*place)));
    if (!report->keyPoints.empty()) {
        const report::InLanguage language(report::spokenTo(report->client, report->record().startedAt));
        result.sentence = report::say(report->keyPoints.front().sentence);
    }
    return result;
}

} // namespace fusain::desktop

#include "moc_team_results.cpp"
