#pragma once
#include "desktop/bench/method/method_panel.hpp"
#include "desktop/bench/method/step_panel.hpp"
#include "desktop/recordings/scan/scan_folder.hpp"
#include "procedure/scan/method.hpp"

namespace fusain::desktop {

/// The scan: started over the link and taken from the densitometer's folder, imported, or typed into the table
/// while the checks run.
class ScanPanel : public MethodPanel<ScanMethod> {
    Q_OBJECT
public:
    explicit ScanPanel(Session& session);
    void refresh() override;
    [[nodiscard]] QString primaryText() const override;
    [[nodiscard]] bool primaryEnabled() const override;
    void primary() override;
    /// Another scan is another dose: asks first.
    void repeat() override;
    void setAside() override;
    [[nodiscard]] QString verdict() const override;
    [[nodiscard]] StandBack standBack() const override;
    [[nodiscard]] QWidget* firstField() const override;

    [[nodiscard]] QTableWidget* regions() const { return regions_; }

private:
    enum class State { Idle, Scanning, Here };
    void fitColumns();
    [[nodiscard]] bool linked() const;
    [[nodiscard]] QString folder() const;
    [[nodiscard]] std::string clientCode() const;
    [[nodiscard]] QString halfBody() const;
    void takeFromFolder();
    void show(const dxa::Scan& scan);
    [[nodiscard]] State state() const;
    void showLive();
    void judge();
    [[nodiscard]] std::optional<ScanRemarks> remarksOn(const ScanFile& file,
                                                       const std::vector<std::string>& notes);
    void start();
    void accept(const std::string& reasonInSpite);
    void useInSpite();
    void importScan();
    void importTable(const std::string& text, const std::string& path);
    void typeReported();
    void chooseFolder();
    /// The table as a scan; nothing while a cell that was begun is no number, or nothing is typed.
    [[nodiscard]] std::optional<dxa::Scan> typed() const;

    bool here_ = false; ///< whether the table holds a scan
    std::string watchedTest_;
    std::optional<ScanFile> file_; ///< the scan that is here and came as a file
    QString fileName_;
    QString foreign_; ///< what else lies in the folder, in words
    std::vector<dxa::ScanFinding> findings_;
    ScanFolder scans_;
    QLabel* live_;
    QLabel* words_;
    QTableWidget* regions_;
    QComboBox* half_;
    QLineEdit* artefacts_;
    QLabel* kept_;
};

} // namespace fusain::desktop
