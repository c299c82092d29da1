#pragma once
#include "desktop/services/session.hpp"
#include "desktop/widgets/parts.hpp"
#include "record/lab/instrument.hpp"

#include <QDialog>

namespace fusain::desktop {

/// The lab's own reference object of a check, as its certificate states it.
class ReferenceDialog : public QDialog {
    Q_OBJECT
public:
    ReferenceDialog(Session& session, const Instrument& instrument, const CheckDefinition& check,
                    QWidget* parent);

private:
    void save();

    Session& session_;
    std::string instrument_, check_;
    QLineEdit *object_, *identification_, *nominal_, *uncertainty_, *until_;
    QLabel* problem_;
};

} // namespace fusain::desktop
