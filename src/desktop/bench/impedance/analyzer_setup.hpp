#pragma once
#include "desktop/services/session.hpp"
#include "desktop/widgets/parts.hpp"
#include "procedure/impedance/procedure.hpp"

#include <QDialog>

namespace fusain::desktop {

/// How the analyzer is connected to this person, and what is different about this body: electrodes, side,
/// firmware, skin temperature, a missing part, lengths by tape.
class AnalyzerSetupDialog : public QDialog {
    Q_OBJECT
public:
    AnalyzerSetupDialog(Session& session, ImpedanceProcedure& run, QWidget* parent = nullptr);
    /// Sends what was entered to the procedure. @return whether all of it was accepted
    bool keep();

private:
    Session& session_;
    ImpedanceProcedure& run_;
    QComboBox *geometry_, *electrodes_, *side_, *missing_;
    QLineEdit* firmware_;
    ValueField* temperature_;
    std::map<impedance::Segment, ValueField*> lengths_;
};

} // namespace fusain::desktop
