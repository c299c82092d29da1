#pragma once
#include "desktop/services/session.hpp"
#include "desktop/services/text_files.hpp"
#include "desktop/widgets/parts.hpp"
#include "exchange/impedance/impedance_csv.hpp"

#include <QCheckBox>
#include <QDialog>

namespace fusain::desktop {

/// An analyzer's export on its way into the lab book: what each column means, what each row would become, and
/// only then the import. The mapping is kept for the next export of the same analyzer.
class ImportDialog : public QDialog {
    Q_OBJECT
public:
    /// @param source the file that the table was read from
    ImportDialog(Session& session, exchange::CsvTable table, const ChosenText& source,
                 QWidget* parent = nullptr);
    /// Takes the rows that are good into the lab book. @return how many
    int importGood();

private:
    void preview();
    [[nodiscard]] exchange::ImportMapping mapping() const;
    [[nodiscard]] Expected<void> importRow(const exchange::ImportedRow& row);
    [[nodiscard]] std::optional<Client> clientOf(const std::string& code);

    Session& session_;
    exchange::CsvTable table_;
    std::string source_, hash_; ///< name of the file, and of what stands in it
    QString before_;            ///< a sentence when the same file was imported before
    std::vector<exchange::ImportedRow> rows_;
    QTableWidget *columns_, *rowsTable_;
    std::vector<QComboBox*> targets_;
    QCheckBox* kilohms_;
    QPushButton* import_;
    QLabel* words_;
};

} // namespace fusain::desktop
