#include "record/library/formats.hpp"

#include "record/base/people.hpp"
#include "record/chamber/policy.hpp"
#include "record/chamber/record.hpp"
#include "record/girth/policy.hpp"
#include "record/girth/record.hpp"
#include "record/impedance/policy.hpp"
#include "record/impedance/record.hpp"
#include "record/lab/body_water.hpp"
#include "record/lab/cross_calibration.hpp"
#include "record/lab/glossary.hpp"
#include "record/lab/instrument.hpp"
#include "record/lab/key_point_rule.hpp"
#include "record/lab/plan_request.hpp"
#include "record/lab/planning.hpp"
#include "record/lab/preparation.hpp"
#include "record/lab/reference_json.hpp"
#include "record/lab/screening.hpp"
#include "record/lab/water_log.hpp"
#include "record/library/client_record.hpp"
#include "record/method/protocol.hpp"
#include "record/practice/practice_case.hpp"
#include "record/practice/practice_log.hpp"
#include "record/practice/reading_exercise.hpp"
#include "record/scan/file.hpp"
#include "record/scan/policy.hpp"
#include "record/scan/record.hpp"
#include "record/tank/policy.hpp"
#include "record/tank/record.hpp"

namespace fusain {

std::string formatsPage(std::span<const DocumentKind> more) {
    std::string page = "# Keys of every document\n\n"
                       "Written by `fusain-calc formats` from the tables that read and write these documents; "
                       "a test holds the two "
                       "together. An unknown key, a missing required one, a value of another kind, an unknown "
                       "word and a number "
                       "outside its limits are refused with the place and what is allowed.\n";
    std::vector<DocumentKind> kinds{
        clientKind(),           protocolKind(),        hydrostaticPolicyKind(), chamberPolicyKind(),
        impedancePolicyKind(),  dxaPolicyKind(),       hydrostaticTestKind(),   chamberTestKind(),
        impedanceTestKind(),    dxaTestKind(),         girthPolicyKind(),       girthTestKind(),
        scanFileKind(),         instrumentKind(),      referenceObjectKind(),   checkLimitsKind(),
        waterLogKind(),         referenceSetKind(),    preparationKind(),       planningKind(),
        healthQuestionsKind(),  healthAnswersKind(),   keyPointKind(),          practiceCaseKind(),
        practiceActKind(),      readingExerciseKind(), glossaryKind(),          practiceLogKind(),
        crossCalibrationKind(), waterSampleKind(),     planRequestKind(),       clientRecordKind()};
    kinds.insert(kinds.end(), more.begin(), more.end());
    for (const DocumentKind& kind : kinds)
        page += "\n## " + kind.title + "\n\n" + markdownTable(kind.fields);
    return page;
}

} // namespace fusain
