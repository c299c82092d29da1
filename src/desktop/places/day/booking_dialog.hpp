#pragma once
#include "desktop/services/day_board.hpp"
#include "desktop/widgets/parts.hpp"

#include <QCheckBox>
#include <QDateTimeEdit>
#include <QDialog>

namespace fusain::desktop {

/// Books a client for one method or several of one day. The next appointment is proposed at the same time of
/// day as the test that it will be compared with, at the interval of the chosen school; several methods are
/// put into their best order, with the reasons. It stands under the ribbon, which draws what is proposed.
class BookingDialog : public QDialog {
    Q_OBJECT
public:
    /// @param day where the booking begins when nothing is proposed
    BookingDialog(Session& session, Instant day, QWidget* parent = nullptr);
    void chooseClient(const QString& id);
    void chooseMethods(const std::vector<std::string>& methods);
    [[nodiscard]] Instant when() const;
    [[nodiscard]] QString reason() const { return reason_->text(); }
    /// Where it would stand; empty until a client and a method are chosen, or when there is no room.
    /// @param board the day that is shown, with the moment of the booking in it
    [[nodiscard]] std::vector<Appointment> proposal(const DayBoard& board) const;
    [[nodiscard]] QString clientId() const { return who_->currentData().toString(); }
    /// Whether the preparation sheet is wanted next.
    [[nodiscard]] bool wantsSheet() const { return sheet_->isChecked(); }
    /// @return whether it was booked
    bool book();

Q_SIGNALS:
    void proposalChanged();

private:
    void fillClients();
    /// Enters who is not in the lab book yet, with the name that was searched for.
    void addClient();
    void newClientChosen();
    void propose();
    void explain();
    [[nodiscard]] std::vector<std::string> chosenMethods() const;
    [[nodiscard]] std::optional<Client> client() const;
    /// The latest signed test of the chosen client that gives fat, else the latest.
    [[nodiscard]] std::optional<AnyTest> lastSigned();

    Session& session_;
    QLineEdit* search_;
    QComboBox* who_;
    QPushButton* add_;
    QList<QCheckBox*> methods_;
    QComboBox* school_;
    QDateTimeEdit* when_;
    QLineEdit* note_;
    QCheckBox* sheet_;
    QLabel *telephone_, *reason_, *order_;
};

} // namespace fusain::desktop
