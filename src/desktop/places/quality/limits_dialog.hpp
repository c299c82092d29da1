#pragma once
#include "desktop/services/session.hpp"
#include "desktop/widgets/parts.hpp"
#include "record/lab/instrument.hpp"

#include <QCheckBox>
#include <QDialog>

namespace fusain::desktop {

/// What a check has to show, how often it is made, and whether tests wait for it: as the lab sets it.
class LimitsDialog : public QDialog {
    Q_OBJECT
public:
    LimitsDialog(Session& session, const Instrument& instrument, const CheckDefinition& check, QWidget* parent);

private:
    void save();

    Session& session_;
    std::string instrument_, check_;
    QLineEdit *mean_, *each_, *spread_, *readings_, *every_, *why_;
    QCheckBox* blocks_;
    QLabel* problem_;
};

} // namespace fusain::desktop
