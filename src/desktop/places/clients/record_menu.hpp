#pragma once
#include "desktop/services/session.hpp"
#include "procedure/all/computed.hpp"

#include <QMenu>

namespace fusain::desktop {

/// Takes a client's record out of the lab book as open files, and puts one in.
class RecordMenu : public QMenu {
    Q_OBJECT
public:
    /// @param chosen the client whose record is meant, if any
    RecordMenu(Session& session, std::function<std::optional<Client>()> chosen, QWidget* parent);

    void erase();
    void saveRecord();
    void saveSealed();
    void saveTable();
    /// @param path ending in .csv or .xlsx  @return whether it was written
    bool saveTable(const Client& client, const QString& path);
    void saveBundle();
    void putIn();
    /// Shows what was imported, to take it back.
    void showImports();
    /// Puts a record in that was read already. @return whether it went in
    bool putIn(const std::string& text, const std::string& path);
    /// The signed tests of a client, oldest first, computed.
    [[nodiscard]] std::vector<ComputedTest> signedTests(const Client& client);

Q_SIGNALS:
    void putInDone(const QString& clientId);
    void takenBack();

private:
    [[nodiscard]] Expected<std::string> labCopyOf(const ComputedTest& test);
    Session& session_;
    std::function<std::optional<Client>()> chosen_;
};

} // namespace fusain::desktop
