#pragma once
#include "core/reference/reference_set.hpp"
#include "procedure/method/method.hpp"
#include "procedure/method/precision.hpp"
#include "procedure/method/result.hpp"
#include "report/base/page_flow.hpp"
#include "report/figures/rule_figure.hpp"

#include <functional>

namespace fusain::impedance {
struct VectorReference;
}

namespace fusain::report {

/// The reference sets that a report compares with; null where the lab has chosen none.
struct ReportReferences {
    const reference::ReferenceSet* fat = nullptr;
    const reference::ReferenceSet* fatMassIndex = nullptr;       ///< of the field
    const reference::ReferenceSet* fatFreeMassIndex = nullptr;   ///< of the field
    const reference::ReferenceSet* fatMassIndexByScan = nullptr; ///< made with densitometers
    const reference::ReferenceSet* phaseAngle = nullptr;
    const reference::ReferenceSet* limbLean = nullptr;
    const reference::ReferenceSet* limbLeanByBmi = nullptr;
    /// The lab's own people of this sex, where there are enough.
    std::shared_ptr<const impedance::VectorReference> ownVectors;
};

/// A picture of a result that stands on the screen and on paper.
struct NamedFigure {
    QString name; ///< short, for a row of choices
    std::function<void(QPainter&, const QRectF&, const Palette&)> paint;
    bool onPaper = false; ///< in the lab copy
};

/// One value of a result with its errors, for the table of the lab copy.
struct ResultLine {
    QString name;
    double value = 0.0;
    double halfInterval = 0.0;     ///< 95 %, about the truth for this person
    double leastSignificant = 0.0; ///< 95 %, between two visits; 0 where it is not known
    double repeatability = 0.0;    ///< standard deviation in one session
    int decimals = 1;
    QString unit;
};
template <class Q>
[[nodiscard]] ResultLine resultLine(const QString& name, const Measured<Q>& value, int decimals,
                                    const QString& unit) {
    return {name,
            value.estimate().value(),
            value.halfInterval().value(),
            value.leastSignificantChange().value(),
            value.repeatability().value(),
            decimals,
            unit};
}

/// What became of a quantity since the last test that may be compared, with its verdict.
struct SinceLast {
    double difference = 0.0;
    bool exceedsLeastSignificant = false;
};

/// What the pages of one method are written from: its own record, policy and result, and what is compared with
/// them. The rooms of the methods see this and no other method.
template <class Method>
struct OwnReport {
    using Result = typename Running<Method>::Result;
    /// An earlier signed test by the same method.
    struct Past {
        Instant at;
        const Result& result;
    };
    const typename Method::Record& record;
    const typename Method::Policy& policy;
    const Result& result;
    std::vector<Past> history; ///< oldest first
    const ReportReferences& references;
    const LabPrecision& precision;
    std::map<std::string_view, SinceLast> changes; ///< by the id of the quantity
    UnitSystem units = UnitSystem::Metric;         ///< of a client's page
    bool withoutNumbers = false;

    [[nodiscard]] const TestSubject& subject() const { return record.subject; }
    /// Null for a test that gives no fat.
    [[nodiscard]] const compartments::Composition* composition() const {
        return Running<Method>::composition(result);
    }
};

/// What a method brings to the pages: its words, tables and pictures. Specialized in each method's own room
/// (report/tank/method.hpp …); a method without one does not compile.
template <class Method>
struct Reported;

} // namespace fusain::report
