#pragma once
#include "core/airdisplacement/chamber.hpp"
#include "report/base/style.hpp"

#include <QPainter>

namespace fusain::report {

/// One volume trial: the raw volume of each second with its mean as a berry line; nothing is drawn before the
/// first window.
void paintVolumeTrace(QPainter& painter, const QRectF& area,
                      const airdisplacement::VolumeReadingResult& reading, const Palette& palette);

} // namespace fusain::report
