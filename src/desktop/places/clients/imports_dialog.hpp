#pragma once
#include "desktop/services/session.hpp"
#include "desktop/widgets/parts.hpp"
#include "store/transfer/imports.hpp"

#include <QDialog>

namespace fusain::desktop {

/// What was imported, and taking an import back: all of it in one act, as long as nobody has worked on it.
class ImportsDialog : public QDialog {
    Q_OBJECT
public:
    explicit ImportsDialog(Session& session, QWidget* parent = nullptr);
    /// Takes the selected import back. @return whether it was
    bool takeBack();

private:
    void fill();
    void select();
    [[nodiscard]] const store::Import* selected() const;
    [[nodiscard]] std::optional<Problem> obstacle(const store::Import& import);

    Session& session_;
    std::vector<store::Import> imports_;
    QTableWidget* table_;
    QLabel* words_;
    QPushButton* takeBack_;
};

} // namespace fusain::desktop
