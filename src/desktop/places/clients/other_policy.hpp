#pragma once
#include "desktop/services/session.hpp"

#include <QComboBox>
#include <QPushButton>

namespace fusain::desktop {

/// What a signed test gives under another policy of its own method; the signed result stays.
class OtherPolicy : public QWidget {
    Q_OBJECT
public:
    explicit OtherPolicy(Session& session);
    /// Offers the policies for a test. @param test nothing where none is chosen
    void offerFor(const AnyTest* test);

private:
    void recalculate();

    Session& session_;
    QComboBox* policies_;
    QPushButton* again_;
    std::string test_; ///< for which they are offered
};

} // namespace fusain::desktop
