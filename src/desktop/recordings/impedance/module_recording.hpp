#pragma once
#include "desktop/recordings/method/recording.hpp"

namespace fusain::desktop {

/// One reading of the test module by the analyzer.
class ModuleRecording : public Recording {
    Q_OBJECT
public:
    ModuleRecording(link::InstrumentHub& hub, const RecordedFor& whose, QObject* parent);
    /// Tells the analyzer to read a module of 500 Ω.
    [[nodiscard]] Expected<void> start();
    void clear();
    /// What was read and is neither kept nor thrown away, Ω.
    [[nodiscard]] std::optional<double> reading() const { return reading_; }

protected:
    void take(const link::Frame& frame) override;

private:
    std::optional<double> reading_;
};

} // namespace fusain::desktop
