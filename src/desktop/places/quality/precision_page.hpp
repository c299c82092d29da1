#pragma once
#include "desktop/services/session.hpp"
#include "desktop/widgets/parts.hpp"

namespace fusain::desktop {

/// Precision studies of one instrument: collected person by person, typed or imported, judged and kept.
class PrecisionPage : public QWidget {
    Q_OBJECT
public:
    explicit PrecisionPage(Session& session);
    void showInstrument(const Instrument& instrument);

private:
    void offerGroups();
    void showStudy();
    void addPerson();
    void importStudy();
    void keepStudy();
    void takeFromTests();
    void bookSecondDay();
    [[nodiscard]] StudiedPeople population() const;
    [[nodiscard]] bool inChosenHands(const std::string& technician) const;
    [[nodiscard]] std::string method() const; ///< that the instrument is studied for

    Session& session_;
    std::string instrument_;
    QComboBox* quantity_;
    QComboBox *group_, *design_; ///< whose hands the study speaks for
    QComboBox *sex_, *plan_;     ///< whom it is made with, and how many how often
    ValueField *leastFat_, *mostFat_;
    QLineEdit* person_;
    QLabel* precision_;
    QTableWidget* people_;
    std::vector<std::vector<double>> collected_; ///< of the study that is being made
};

} // namespace fusain::desktop
