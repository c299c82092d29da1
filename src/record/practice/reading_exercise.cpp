#include "record/practice/reading_exercise.hpp"

#include "record/all/record.hpp"
#include "record/practice/practice_fields.hpp"

#include <algorithm>

namespace fusain {
namespace {

const Fields<ReadingVisit>& visitFields() {
    using Visit = ReadingVisit;
    static const auto fields = [] {
        auto made = Fields<Visit>("visit");
        made.required("weeks_ago", &Visit::weeksAgo, "how long ago", between(0.0, 5200.0))
            .required("method", &Visit::method, "that was used");
        addPerson(made, "person", &Visit::person, "what is different of the body on that day",
                  Presence::Sparse);
        made.optional("water_shift", &Visit::waterShift, "factor on the water outside the cells",
                      aboveUpTo(0.0, 2.0));
        addAnswers(made, "answers", &Visit::answers, "by rule; those that break one");
        made.optional("software", &Visit::software, "of the densitometer, where it is another one")
            .optional("starts_at_hour", &Visit::startsAtHour, "of the day, UTC", between(0.0, 24.0));
        return made;
    }();
    return fields;
}

const Fields<ReadingExercise>& exerciseFields() {
    using Exercise = ReadingExercise;
    static const auto fields = [] {
        auto made = Fields<Exercise>("reading exercise");
        made.format("fusain-reading", 1)
            .required("id", &Exercise::id, "stable")
            .required("title", &Exercise::title, "as a person reads it")
            .required("story", &Exercise::story, "who it is");
        addPerson(made, "person", &Exercise::person, "body of the simulator", Presence::Required);
        made.optional("seed", &Exercise::seed, "of the simulator")
            .list("visits", &Exercise::visits, visitFields(), "two or more, the oldest first",
                  Presence::Required)
            .required("ask", &Exercise::quantities, "quantities that are asked for");
        return made.check([](const Exercise& read) {
            if (read.quantities.empty())
                return std::string("an exercise asks for at least one quantity");
            return std::string(
                read.visits.size() >= 2 &&
                        std::ranges::is_sorted(read.visits, std::ranges::greater(), &ReadingVisit::weeksAgo)
                    ? ""
                    : "an exercise has two visits or more, the oldest first");
        });
    }();
    return fields;
}

} // namespace

Expected<ReadingExercise> readingExerciseFromJson(const Json& json, const std::string& where) {
    return readDocument(where, [&] {
        ReadingExercise read = exerciseFields().read(json);
        for (const ReadingVisit& visit : read.visits)
            checkMethod(visit.method, json);
        return read;
    });
}

DocumentKind readingExerciseKind() {
    return {"Reading exercise", exerciseFields().notes()};
}

} // namespace fusain
