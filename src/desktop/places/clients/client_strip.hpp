#pragma once
#include "desktop/services/session.hpp"
#include "desktop/widgets/figure_view.hpp"

#include <QBoxLayout>
#include <QLabel>

namespace fusain::desktop {

/// Where a client stands, at the head of the dossier: the latest value of each method on one scale, the last
/// visit, the next booking, and what is still open.
class ClientStrip : public QWidget {
    Q_OBJECT
public:
    explicit ClientStrip(Session& session);
    /// @param tests of the client, newest first
    void showClient(const Client& client, const std::vector<AnyTest>& tests);

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    void arrange();
    void showLatest(const std::vector<AnyTest>& tests);
    [[nodiscard]] QStringList openMatters(const Client& client, const std::vector<AnyTest>& tests);

    Session& session_;
    QBoxLayout* layout_;
    FigureView* latest_;
    QLabel* open_;
};

} // namespace fusain::desktop
