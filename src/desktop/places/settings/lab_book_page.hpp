#pragma once
#include "desktop/services/session.hpp"
#include "desktop/widgets/parts.hpp"

namespace fusain::desktop {

/// The care of the lab book: verify its journal, copy it.
class LabBookPage : public QWidget {
    Q_OBJECT
public:
    explicit LabBookPage(Session& session);

private:
    void verify();
    void show();
    void chooseSecond();
    void backUp();
    void backUpSealed();
    using Copy = std::function<Expected<void>(const QString& to, Progress*)>;
    /// What becomes of the copy that can be made. @param to where the person wants it
    using Keep = std::function<Expected<void>(const Copy& copy, const QString& to, Progress& progress)>;
    void copyTo(const QString& path, const Keep& keep);

    Session& session_;
    QLabel* book_;
    QLabel* copies_;
};

} // namespace fusain::desktop
