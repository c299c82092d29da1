#pragma once
#include "core/quality/agreement.hpp"
#include "report/base/style.hpp"

#include <QPainter>
#include <vector>

namespace fusain::report {

/// Everybody whom two methods measured: the difference of the two values over their mean, with the mean
/// difference and the 95 % limits of agreement as bands as wide as their own intervals.
struct AgreementModel {
    std::vector<quality::PairedValue> pairs;
    quality::Agreement agreement;
    QString reference, other; ///< names of the methods
    QString unit;
    int decimals = 1;
};
/// @par Source Bland JM, Altman DG (1999), Stat Methods Med Res 8:135-160.
void paintAgreement(QPainter& painter, const QRectF& area, const AgreementModel& model, const Palette& palette);

} // namespace fusain::report
