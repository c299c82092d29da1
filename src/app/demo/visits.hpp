#pragma once
#include "demo/people.hpp"
#include "link/simulation/tank/submersion.hpp"
#include "procedure/method/procedure.hpp"
#include "record/library/catalogue.hpp"
#include "store/book/lab_book.hpp"

namespace fusain::demo {

/// Who works in the made-up lab.
extern const Staff physiologist, technician, trainee;

/// What every visit of the made-up lab is made with: its book, its catalogue and its clock. A test begins, is
/// finished and signed here through the real procedure; what happens between is played by the simulator.
class Visits {
public:
    Visits(store::LabBook& book, const LabCatalogue& catalogue, Instant& clock)
        : book_(book), catalogue_(catalogue), clock_(clock) {}

    [[nodiscard]] store::LabBook& book() const { return book_; }
    [[nodiscard]] const LabCatalogue& catalogue() const { return catalogue_; }
    [[nodiscard]] Instant& clock() const { return clock_; }

    /// Begins a test at the clock's time.
    [[nodiscard]] Expected<std::unique_ptr<Procedure>> begin(const Client& client, std::string_view method,
                                                             const std::string& testId);
    /// Sets the clock and begins a test whose id tells person, kind and day.
    /// @param digits how much of the time stands in the id: 10 for the day, 16 to the minute
    [[nodiscard]] Expected<std::unique_ptr<Procedure>> beginAt(const char* when, const Person& person,
                                                               std::string_view method, const std::string& kind,
                                                               std::size_t digits = 10);
    /// Interprets, signs and keeps the result.
    [[nodiscard]] Expected<void> finish(Procedure& run, const char* interpretation);
    /// The check of an instrument that a test began with, kept for the instrument as well.
    [[nodiscard]] Expected<void> keepCheck(const std::string& id, const char* instrument, const char* kind,
                                           double nominal, double reading, Instant when);
    struct Refusal {
        const char* client;
        std::string_view method;
        const char* testId;
        const char* when;
        const char *rule, *answer, *reason;
    };
    /// An answer ends a test before it has begun.
    [[nodiscard]] Expected<void> refuse(const Refusal& refusal);

private:
    store::LabBook& book_;
    const LabCatalogue& catalogue_;
    Instant& clock_;
};

// The tests of each method. The same random state gives the same readings.

/// Ailsa's year: fat down, lean kept. Teo, Marit and Wren once; Pau, whom the tank frightens.
[[nodiscard]] Expected<void> tankTests(Visits& visits, simulation::Random& random);
/// Yusuf in the water this morning, with three trials. @return the id of his test
[[nodiscard]] Expected<std::string> runningTankTest(Visits& visits, simulation::Random& random);
/// Dov, in the tank after his other methods.
[[nodiscard]] Expected<void> dovsTankTest(Visits& visits, simulation::Random& random);
/// Teo on the day of his tank test, first with the gas predicted; Pau, whom the tank refused; Elio, who
/// cannot sit still.
[[nodiscard]] Expected<void> chamberTests(Visits& visits, simulation::Random& random);
/// Ines over a season, Ruan's arm, Lotte who has none, Nerys in the morning and after a day, Dov before the
/// rest; Pau's pacemaker.
[[nodiscard]] Expected<void> impedanceTests(Visits& visits, simulation::Random& random);
/// Goran's middle, Caspian's sixty days, Mirren's limbs, the arm of Ruan and none of Lotte, Ines, Wren, Dov;
/// Keziah, who is pregnant.
[[nodiscard]] Expected<void> scanTests(Visits& visits, simulation::Random& random);
/// Goran with the tape on the mornings of his scans.
[[nodiscard]] Expected<void> girthTests(Visits& visits, simulation::Random& random);

/// Fourteen dancers, booked for a team morning.
[[nodiscard]] Expected<void> squad(Visits& visits, simulation::Random& random);

} // namespace fusain::demo
