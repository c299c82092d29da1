// Files from elsewhere, cut off anywhere and with bytes that are wrong: a reader takes what is whole or says
// what is wrong, and never crashes.
#include "exchange/base/csv_table.hpp"
#include "exchange/chamber/pressure_csv.hpp"
#include "exchange/impedance/calibration_csv.hpp"
#include "exchange/impedance/impedance_csv.hpp"
#include "exchange/lab/icalendar.hpp"
#include "exchange/lab/quality_csv.hpp"
#include "exchange/scan/scan_csv.hpp"
#include "exchange/tank/trace_csv.hpp"
#include "support/property.hpp"

#include <functional>
#include <random>

namespace fusain::exchange::damaged_tables_test {
namespace {

// Nothing when the text was taken, else the refusal.
using Reader = std::function<std::optional<std::string>(const std::string&)>;

template <class Read>
Reader reader(Read read) {
    return [read](const std::string& text) -> std::optional<std::string> {
        const auto taken = read(text);
        return taken ? std::nullopt : std::optional(taken.error().english());
    };
}

struct Kind {
    const char* name;
    std::string sound;
    Reader read;
};

std::vector<Kind> kinds() {
    std::vector<hydrostatic::ForceSample> trace;
    std::vector<airdisplacement::PressureSample> pressures;
    for (int i = 0; i < 12; ++i) {
        trace.push_back({Seconds(0.02 * i), Kilograms(3.3 + 0.01 * i)});
        pressures.push_back({Seconds(0.01 * i), Pascals(110.5 + i), Pascals(-165.25 - i)});
    }
    const Instant from = *instantFromIso("2026-03-01T00:00:00.000Z"), to = from.plusMinutes(60.0 * 24 * 60);
    return {
        {"trace", traceToCsv(trace), reader([](const std::string& t) { return traceFromCsv(t, "mine.csv"); })},
        {"pressures", pressuresToCsv(pressures),
         reader([](const std::string& t) { return pressuresFromCsv(t, "mine.csv"); })},
        {"study", "first,second\n20.1,20.4\n31.0,30.6\n",
         reader([](const std::string& t) { return studyFromCsv(t, "mine.csv"); })},
        {"sweep",
         "segment,khz,r_ohm,xc_ohm\nwhole-body,5,560.1,30.2\nwhole-body,50,480.3,60.1\ntrunk,50,30.2,3.1\n",
         reader([](const std::string& t) { return sweepFromCsv(t, "mine.csv"); })},
        {"pairs", "contact_ohm,gel_ohm\n480,455\n510,489\n",
         reader([](const std::string& t) { return pairsFromCsv(t, "mine.csv"); })},
        {"table", "code;mass;\"R; 50\"\nC-1;70,5;480\nC-2;81,0;\"455\"\n",
         reader([](const std::string& t) { return tableFromCsv(t, "mine.csv"); })},
        {"calendar",
         toICalendar({{"a@lab", from.plusMinutes(600), from.plusMinutes(650), "impedance, C-1", "note"},
                      {"b@lab", from.plusMinutes(900), from.plusMinutes(925), "dxa, C-2", ""}},
                     from),
         reader([=](const std::string& t) { return fromICalendar(t, "mine.ics", from, to, "Europe/London"); })},
    };
}

TEST(DamagedTables, SoundOnesAreTaken) {
    for (const Kind& kind : kinds())
        EXPECT_FALSE(kind.read(kind.sound)) << kind.name << ": " << kind.read(kind.sound).value_or("");
}

TEST(DamagedTables, CutOffAnywhereTheyAreTakenOrExplained) {
    for (const Kind& kind : kinds())
        for (std::size_t length = 0; length < kind.sound.size(); ++length) {
            std::optional<std::string> refusal;
            ASSERT_NO_THROW(refusal = kind.read(kind.sound.substr(0, length))) << kind.name << " at " << length;
            if (refusal) {
                EXPECT_GT(refusal->size(), 10u) << kind.name << " at " << length;
            }
        }
}

// 2,000 damaged texts a kind, up to ten bytes wrong in each.
TEST(DamagedTables, WrongBytesAreTakenOrExplained) {
    std::mt19937_64 chance(20260312);
    for (const Kind& kind : kinds())
        for (int round = 0; round < 2000; ++round) {
            std::string text = kind.sound;
            const int wrong = std::uniform_int_distribution(1, 10)(chance);
            for (int i = 0; i < wrong; ++i)
                text[std::uniform_int_distribution<std::size_t>(0, text.size() - 1)(chance)] =
                    static_cast<char>(std::uniform_int_distribution(0, 255)(chance));
            ASSERT_NO_THROW(static_cast<void>(kind.read(text))) << kind.name << ":\n" << text;
        }
}

TEST(DamagedTables, OneKindIsNotAnother) {
    // A bare table takes any table, and the lab's own trace reads two columns by name.
    for (const Kind& kind : kinds())
        for (const Kind& other : kinds())
            if (std::string_view(kind.name) != other.name && std::string_view(kind.name) != "table" &&
                std::string_view(kind.name) != "study") {
                EXPECT_TRUE(kind.read(other.sound)) << other.name << " as " << kind.name;
            }
}

TEST(DamagedTables, EmptyAndBinaryFilesAreExplained) {
    const std::string binary("\x7f\x45\x4c\x46\x00\x00\xff\xfe\x00", 9);
    for (const Kind& kind : kinds())
        for (const std::string& text :
             {std::string(), std::string("\n\n\n"), binary, std::string("\xff\xfe", 2)})
            EXPECT_TRUE(kind.read(text)) << kind.name;
}

TEST(DamagedTables, ALongLineOfNothingEnds) {
    for (const Kind& kind : kinds())
        ASSERT_NO_THROW(static_cast<void>(kind.read(kind.sound + std::string(1'000'000, ',')))) << kind.name;
}

} // namespace
} // namespace fusain::exchange::damaged_tables_test
