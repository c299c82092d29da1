#pragma once
#include "desktop/places/day/team_results.hpp"
#include "desktop/views/findings_view.hpp"
#include "desktop/widgets/records_view.hpp"

#include <QDialog>
#include <QLineEdit>
#include <set>

namespace fusain::desktop {

/// Before the results of a team morning are signed: every one with its value, what is unusual about it and its
/// own sentence. What is unusual has to be opened; the rest is signed together.
class TeamReview : public QDialog {
    Q_OBJECT
public:
    struct Person {
        QString code, name;
        TeamResult result;
    };
    TeamReview(Session& session, std::vector<Person> people, QWidget* parent = nullptr);
    /// How many have to be opened before anything is signed.
    [[nodiscard]] int leftToOpen() const;
    /// The sentence of each test, by its id.
    [[nodiscard]] std::map<std::string, std::string> sentences() const;

private:
    void fill();
    void open(const QString& testId);
    void keepSentence();
    void showLeft();

    Session& session_;
    std::vector<Person> people_;
    std::map<std::string, QString> sentences_;
    std::set<std::string> opened_;
    std::string shown_;
    RecordsView* list_;
    QLabel *why_, *left_;
    QLineEdit* sentence_;
    FindingsView* findings_;
    QPushButton* sign_;
};

} // namespace fusain::desktop
