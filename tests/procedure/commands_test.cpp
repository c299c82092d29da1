// Random commands on every method: what a command promises holds for each, accepted or refused.
#include "procedure/all/procedure.hpp"
#include "procedure/all/replay.hpp"
#include "support/chamber_run.hpp"
#include "support/dxa_run.hpp"
#include "support/girth_run.hpp"
#include "support/impedance_run.hpp"

#include <random>

namespace fusain::commands_test {
namespace {

using namespace testing;

/// One command; many are out of order, out of range or repeated, and refused.
template <class Run>
using Command = std::function<Procedure::Done(Run&, std::mt19937&)>;

int upTo(std::mt19937& random, int most) {
    return std::uniform_int_distribution(0, most)(random);
}
double between(std::mt19937& random, double low, double high) {
    return std::uniform_real_distribution(low, high)(random);
}
std::string reason(std::mt19937& random) {
    return upTo(random, 4) == 0 ? std::string() : "because of " + std::to_string(upTo(random, 99));
}

/// What every method has. Half of the answers keep their rule.
template <class Run>
std::vector<Command<Run>> commonCommands() {
    return {
        [](Run& run, std::mt19937& random) {
            return run.confirm(Step(upTo(random, static_cast<int>(run.steps().size()) - 1)), reason(random));
        },
        [](Run& run, std::mt19937& random) {
            const auto& rules = upTo(random, 1) ? run.protocol().screening : run.protocol().readiness;
            const readiness::Rule& rule = rules[static_cast<std::size_t>(upTo(random, int(rules.size()) - 1))];
            readiness::Answer answer = onTheLimit(rule);
            if (upTo(random, 1) && answer.number)
                answer.number = *answer.number + between(random, -5.0, 5.0);
            else if (upTo(random, 1) && !answer.choice.empty())
                answer.choice = upTo(random, 1) ? "yes" : "no";
            return run.answer(rule.id, answer);
        },
        [](Run& run, std::mt19937& random) {
            const auto& answers = run.record().answers;
            return run.acceptDeviation(
                answers.empty() ? "none"
                                : answers[static_cast<std::size_t>(upTo(random, int(answers.size()) - 1))].rule,
                reason(random));
        },
        [](Run& run, std::mt19937& random) { return run.addNote(reason(random)); },
        [](Run& run, std::mt19937& random) { return run.interpret(reason(random)); },
        [](Run& run, std::mt19937& random) {
            return upTo(random, 30) ? Procedure::Done() : run.refuse(reason(random));
        },
        [](Run& run, std::mt19937&) { return run.sign(technician, physiologist); },
        [](Run& run, std::mt19937& random) { return run.amend(reason(random)); },
        [](Run& run, std::mt19937& random) { return run.setAside(upTo(random, 4), reason(random)); },
        [](Run& run, std::mt19937& random) { return run.restore(upTo(random, 4)); },
        [](Run& run, std::mt19937& random) {
            run.setAtTheBench(upTo(random, 1) ? technician : physiologist);
            return Procedure::Done();
        },
    };
}

struct Tank {
    using Run = HydrostaticProcedure;
    static HydrostaticSetting setting() { return standardSetting(); }
    static std::vector<Command<Run>> commands() {
        return {
            [](Run& run, std::mt19937& random) {
                return run.checkLoadCell(Kilograms(between(random, 3.0, 5.0)), Kilograms(5.0),
                                         Kilograms(between(random, 4.97, 5.03)));
            },
            [](Run& run, std::mt19937& random) {
                return run.readWaterTemperature(Celsius(between(random, 18.0, 42.0)),
                                                linked(run, "thermometer"));
            },
            [](Run& run, std::mt19937& random) {
                return run.weighDry(Kilograms(between(random, 5.0, 90.0)), linked(run, "floor-scale"),
                                    reason(random));
            },
            [](Run& run, std::mt19937& random) {
                return run.readRoom(Celsius(between(random, 8.0, 40.0)), MillimetresOfMercury(757.0),
                                    Attribution::typed());
            },
            [](Run& run, std::mt19937& random) {
                return run.addEffort(Litres(between(random, 3.0, 6.0)), upTo(random, 1) == 0, reason(random),
                                     Attribution::typed());
            },
            [](Run& run, std::mt19937& random) {
                return run.measureResidualVolume(Litres(between(random, 0.1, 2.0)), reason(random));
            },
            [](Run& run, std::mt19937& random) {
                return run.acceptTrial(Kilograms(between(random, 7.0, 8.0)), Kilograms(0.02));
            },
        };
    }
};

struct Chamber {
    using Run = ChamberProcedure;
    static ChamberSetting setting() { return chamberSetting(); }
    static std::vector<Command<Run>> commands() {
        return {
            [](Run& run, std::mt19937& random) {
                return run.checkScale(Kilograms(20.0), Kilograms(between(random, 19.9, 20.1)));
            },
            [](Run& run, std::mt19937& random) {
                return run.calibrateTyped(Litres(50.0), Litres(between(random, 49.8, 50.2)));
            },
            [](Run& run, std::mt19937& random) {
                return run.weigh(Kilograms(between(random, 60.0, 260.0)), linked(run, "chamber-scale"),
                                 reason(random));
            },
            [](Run& run, std::mt19937& random) {
                return run.acceptTrial(Litres(between(random, 60.0, 66.0)), Litres(0.0));
            },
            [](Run& run, std::mt19937& random) { return run.startOver(reason(random)); },
            [](Run& run, std::mt19937& random) {
                return run.measureThoracicGas(Litres(between(random, 0.3, 5.0)), "panting");
            },
        };
    }
};

struct Analyzer {
    using Run = ImpedanceProcedure;
    static ImpedanceSetting setting() { return impedanceSetting(); }
    static std::vector<Command<Run>> commands() {
        return {
            [](Run& run, std::mt19937& random) {
                return run.setUp({"Analyzer", "1.0", 2 * (1 + upTo(random, 4)),
                                  upTo(random, 1) ? impedance::ElectrodeGeometry::SupineGel
                                                  : impedance::ElectrodeGeometry::StandingContact,
                                  upTo(random, 1) ? "left" : "right", std::nullopt});
            },
            [](Run& run, std::mt19937& random) {
                return run.checkModule(Ohms(500.0), Ohms(between(random, 480.0, 520.0)));
            },
            [](Run& run, std::mt19937& random) {
                return run.confirmIdentity("C-1", upTo(random, 3) ? "C-1" : "C-2",
                                           Metres(between(random, 1.6, 2.4)), {}, reason(random));
            },
            [](Run& run, std::mt19937& random) {
                return run.weigh(Kilograms(between(random, 5.0, 90.0)), linked(run, "floor-scale"),
                                 reason(random));
            },
            [](Run& run, std::mt19937& random) {
                return run.acceptSweep(cleanSweep(between(random, 0.9, 2.0)), linked(run), reason(random));
            },
            [](Run& run, std::mt19937& random) {
                return run.importReadings(Kilograms(70.0), cleanSweep(), {{"fat-percent", 20.0, "%"}},
                                          reason(random));
            },
            [](Run& run, std::mt19937& random) {
                return run.keepReported({{"fat-percent", between(random, 0.0, 40.0), "%"}});
            },
            [](Run& run, std::mt19937& random) {
                return run.setMissingParts(upTo(random, 1) ? std::vector<std::string>{"left/foot"}
                                                           : std::vector<std::string>{"left/wing"});
            },
            [](Run& run, std::mt19937& random) {
                return run.tapeLength(impedance::Segment::LeftArm, Metres(between(random, 0.0, 1.0)));
            },
        };
    }
};

struct Scanner {
    using Run = DxaProcedure;
    static DxaSetting setting() { return dxaSetting(); }
    static std::vector<Command<Run>> commands() {
        return {
            [](Run& run, std::mt19937& random) {
                return run.setScanner({upTo(random, 1) ? "Scanner" : "", "3.1", "whole body"});
            },
            [](Run& run, std::mt19937& random) {
                return run.readPhantom(Percent(24.0), Percent(between(random, 22.0, 26.0)));
            },
            [](Run& run, std::mt19937& random) {
                return run.weigh(Kilograms(between(random, 66.0, 75.0)), linked(run, "floor-scale"),
                                 reason(random));
            },
            [](Run& run, std::mt19937& random) {
                return run.stateDose(upTo(random, 3), Microsieverts(5.0), upTo(random, 60), reason(random));
            },
            [](Run& run, std::mt19937& random) { return run.stateMenopause(upTo(random, 1) == 0); },
            [](Run& run, std::mt19937& random) { return run.acceptScan(scanOf(sheetsScan()), reason(random)); },
            [](Run& run, std::mt19937& random) {
                ScanFile file{upTo(random, 2) ? "SP-101" : "SP-202",
                              *instantFromIso("2026-03-12T08:00:00.000Z"),
                              {"Scanner", "3.1", "whole body"},
                              Microsieverts(4.0),
                              "",
                              sheetsScan(),
                              {},
                              {}};
                if (upTo(random, 1))
                    file.reported = {{"visceral-fat-mass", 0.9, "kg"}};
                return run.acceptFile(file, "SP-101", {{}, reason(random)}, fromFile(run), reason(random));
            },
            [](Run& run, std::mt19937& random) {
                return run.keepReported({{"visceral-fat-mass", between(random, 0.1, 20.0), "kg"}}, {});
            },
        };
    }
};

struct Tape {
    using Run = GirthProcedure;
    static GirthSetting setting() { return girthSetting(); }
    static std::vector<Command<Run>> commands() {
        return {
            [](Run& run, std::mt19937& random) {
                return run.checkTape(Centimetres(100.0), Centimetres(between(random, 99.7, 100.3)));
            },
            [](Run& run, std::mt19937& random) {
                return run.weigh(Kilograms(between(random, 5.0, 90.0)), linked(run, "floor-scale"),
                                 reason(random));
            },
            [](Run& run, std::mt19937& random) {
                return run.takeGirth(girth::sites[static_cast<std::size_t>(upTo(random, 4))],
                                     Centimetres(between(random, 25.0, 60.0)));
            },
            [](Run& run, std::mt19937& random) {
                const auto site = run.nextSite();
                return site
                           ? run.takeGirth(*site, Centimetres(between(random, 50.0, 50.4)), linked(run, "tape"))
                           : Procedure::Done();
            },
        };
    }
};

template <class Method>
class EveryMethod : public ::testing::Test {
protected:
    static constexpr int sequences = 12, length = 70;
    using Run = typename Method::Run;
    MemoryJournal journal;
    SteppingClock clock;
    int accepted = 0, refused = 0;

    /// A test that is prepared in every second sequence, and random commands on it; `check` runs each.
    void walk(const std::function<void(Run&, const Command<Run>&, std::mt19937&)>& check) {
        auto commands = commonCommands<Run>();
        std::ranges::copy(Method::commands(), std::back_inserter(commands));
        for (unsigned seed = 0; seed < sequences && !::testing::Test::HasFailure(); ++seed) {
            std::mt19937 random(seed);
            Run run =
                *Run::begin(Method::setting(), "t" + std::to_string(seed), man, technician, journal, clock);
            if (seed % 2 == 0)
                prepare(run);
            for (int i = 0; i < length && !::testing::Test::HasFailure(); ++i)
                check(run, commands[static_cast<std::size_t>(upTo(random, int(commands.size()) - 1))], random);
        }
        EXPECT_GT(accepted, 100);
        EXPECT_GT(refused, 100);
    }
    bool count(bool done) {
        ++(done ? accepted : refused);
        return done;
    }
};

using All = ::testing::Types<Tank, Chamber, Analyzer, Scanner, Tape>;
TYPED_TEST_SUITE(EveryMethod, All);

TYPED_TEST(EveryMethod, ARefusedCommandChangesNothingAndAnAcceptedOneIsOneEventThatReplaysToTheSameRecord) {
    this->walk([this](auto& run, const auto& command, std::mt19937& random) {
        const Json before = toJson(run.test());
        const auto events = run.events().size();
        const bool done = this->count(command(run, random).has_value());
        const auto after = run.events().size();
        ASSERT_LE(after, events + (done ? 1 : 0));
        if (after == events)
            ASSERT_EQ(toJson(run.test()), before);
        const auto replayed = replayTest(run.events());
        ASSERT_TRUE(replayed) << replayed.error().english();
        ASSERT_EQ(toJson(*replayed), toJson(run.test()));
    });
}

TYPED_TEST(EveryMethod, TakingACommandBackGivesTheRecordFromBeforeIt) {
    this->walk([this](auto& run, const auto& command, std::mt19937& random) {
        const Json before = toJson(run.test());
        const auto events = run.events().size();
        if (!this->count(command(run, random).has_value()) || run.events().size() == events)
            return;
        const Json after = toJson(run.test());
        const std::string kind = run.events().back().kind;
        const bool final = kind == "test.amended" || run.record().state != TestState::Running;
        ASSERT_EQ(run.undo().has_value(), !final) << kind;
        ASSERT_EQ(toJson(run.test()), final ? after : before) << kind;
        if (!final) // and on it goes, with the command made again
            static_cast<void>(command(run, random));
    });
}

// Whether the run sheet offers to confirm a step, or to go past it with a reason: read from the sheet and the
// record alone.
bool offersToConfirm(const Procedure& run, Step step) {
    if (run.obstacleTo(step))
        return false;
    const StepKind kind = run.textOf(step).kind;
    if (kind == StepKind::Afterwards)
        return true;
    if (run.record().state != TestState::Running)
        return false;
    switch (kind) {
    case StepKind::Confirm:
    case StepKind::OptionalReading:
        return true;
    case StepKind::Check:
        return run.atTheBench().role == Role::Physiologist;
    case StepKind::Result:
        return !run.fingerprint().empty();
    default:
        return false;
    }
}

TYPED_TEST(EveryMethod, WhatTheRunSheetOffersIsWhatTheProcedureAccepts) {
    int offered = 0, withheld = 0;
    this->walk([&](auto& run, const auto& command, std::mt19937& random) {
        this->count(command(run, random).has_value());
        if (upTo(random, 3) != 0)
            return;
        using Run = std::remove_cvref_t<decltype(run)>;
        const auto twin = [&](MemoryJournal& own) {
            return *Run::resume(run.setting(), run.events(), run.atTheBench(), own, this->clock);
        };
        for (const StepText& text : run.steps()) {
            MemoryJournal own;
            Run other = twin(own);
            const bool offer = offersToConfirm(run, text.step);
            ++(offer ? offered : withheld);
            ASSERT_EQ(other.confirm(text.step, "because").has_value(), offer) << text.id;
            for (const readiness::Rule* rule : run.questions(text.step)) {
                MemoryJournal forAnswer;
                Run asked = twin(forAnswer);
                ASSERT_EQ(asked.answer(rule->id, onTheLimit(*rule)).has_value(),
                          run.record().state == TestState::Running)
                    << rule->id;
            }
        }
    });
    EXPECT_GT(offered, 300);
    EXPECT_GT(withheld, 300);
}

} // namespace
} // namespace fusain::commands_test
