#pragma once
#include "desktop/services/session.hpp"
#include "desktop/widgets/parts.hpp"
#include "procedure/meaning/progress.hpp"
#include "procedure/quality/quality_review.hpp"

#include <set>

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
    void offerQuantities();
    void addPerson();
    void importStudy();
    void keepStudy();
    void takeFromTests();
    /// What a study is to be of.
    struct Asked {
        std::string instrument, quantity, group;
        std::set<std::string> hands; ///< of the group; empty: anybody's
        bool betweenDays = false;
        int repeats = 0; ///< of each person, by the plan
        StudiedPeople people;
        bool operator==(const Asked&) const = default;
    };
    [[nodiscard]] Asked asked() const;
    [[nodiscard]] std::optional<StudyValue> valueOf(const AnyTest& test, const Asked& asked);
    void takeRepeats(const Asked& asked, std::vector<StudyValue> values);
    void bookSecondDay();
    [[nodiscard]] StudiedPeople population() const;
    [[nodiscard]] std::set<std::string> handsOf(const std::string& group) const;
    [[nodiscard]] std::string method() const; ///< that the instrument is studied for

    Session& session_;
    std::string instrument_;
    std::vector<FollowedText> studied_; ///< what its studies can be of
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
