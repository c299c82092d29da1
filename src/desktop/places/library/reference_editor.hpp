#pragma once
#include "core/reference/reference_set.hpp"
#include "desktop/services/lab_references.hpp"
#include "desktop/widgets/parts.hpp"

#include <QDialog>

namespace fusain::desktop {

/// Writes or changes a reference set of the lab's own: what it is about, where it comes from, and a row for
/// each sex and age. What does not fit is said beside the table; nothing is kept until all of it does.
class ReferenceEditor : public QDialog {
    Q_OBJECT
public:
    /// @param set where the editing begins; its id is kept
    ReferenceEditor(LabReferences& references, const reference::ReferenceSet& set, std::string by,
                    QWidget* parent = nullptr);
    [[nodiscard]] const reference::ReferenceSet& set() const { return set_; }

private:
    enum Spread { BandsOnly, MeanAndSd, Lms, Percentiles };
    void showSpread();
    void fillRows();
    void addRow(const reference::ReferenceRow& row);
    void keep();
    [[nodiscard]] Expected<reference::ReferenceSet> edited() const;
    [[nodiscard]] Expected<reference::ReferenceRow> rowAt(int row) const;
    [[nodiscard]] Expected<reference::Distribution> spreadAt(int row) const;
    [[nodiscard]] std::optional<double> numberAt(int row, int column) const;

    LabReferences& references_;
    reference::ReferenceSet set_;
    std::string by_;
    QComboBox* quantity_;
    QLineEdit *title_, *population_, *citation_, *date_, *meaning_;
    QComboBox* spread_;
    QTableWidget* rows_;
    QLabel* problem_;
};

} // namespace fusain::desktop
