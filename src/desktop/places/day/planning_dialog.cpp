#include "desktop/places/day/planning_dialog.hpp"

#include "desktop/services/lab_undo.hpp"
#include "desktop/widgets/appearance.hpp"
#include "desktop/widgets/dialog_foot.hpp"
#include "record/all/record.hpp"
#include "report/base/words.hpp"

#include <QVBoxLayout>

namespace fusain::desktop {
PlanningDialog::PlanningDialog(Session& session, const PlanningPolicy& policy, QWidget* parent)
    : QDialog(parent), session_(session), policy_(policy),
      opening_(new QLineEdit(QString::fromStdString(openingText(policy.opening)))),
      volume_(new ValueField(tr("Tank, full"), QStringLiteral("L"))),
      flow_(new ValueField(tr("Flow of the hose"), QStringLiteral("L/min"))),
      hot_(new ValueField(tr("Hot supply"), QStringLiteral("°C"))),
      cold_(new ValueField(tr("Cold supply"), QStringLiteral("°C"))),
      room_(new ValueField(tr("Room"), QStringLiteral("°C"))),
      loss_(new ValueField(tr("Heat lost"), QStringLiteral("W/K"))),
      wanted_(new ValueField(tr("Water for the first client"), QStringLiteral("°C"))),
      times_(new QTableWidget(0, 3)), problem_(label({}, "warning")) {
    setWindowTitle(tr("How the day is planned"));
    setMinimumSize(scaled(560), scaled(620));
    volume_->setValue(policy.tank.tank.volume.value(), 0);
    flow_->setValue(policy.tank.supply.flow.value(), 1);
    hot_->setValue(policy.tank.supply.hot.value(), 1);
    cold_->setValue(policy.tank.supply.cold.value(), 1);
    room_->setValue(policy.tank.tank.room.value(), 1);
    loss_->setValue(policy.tank.tank.heatLoss.value(), 1);
    wanted_->setValue(policy.tank.wanted.value(), 1);
    times_->setHorizontalHeaderLabels({tr("method"), tr("with the client, min"), tr("change after, min")});
    times_->setAccessibleName(tr("How long each method takes"));
    times_->setColumnWidth(0, scaled(190));
    times_->setColumnWidth(1, scaled(160));
    times_->setColumnWidth(2, scaled(150));
    times_->setRowCount(static_cast<int>(policy.methods.size()));
    for (int row = 0; row < times_->rowCount(); ++row) {
        const MethodTimes& each = policy.methods[static_cast<std::size_t>(row)];
        auto* name = new QTableWidgetItem(report::say(methodTitle(each.method)));
        name->setFlags(Qt::ItemIsEnabled);
        times_->setItem(row, 0, name);
        times_->setItem(row, 1, new QTableWidgetItem(QString::number(each.atTheBench.value())));
        times_->setItem(row, 2, new QTableWidgetItem(QString::number(each.changing.value())));
    }
    auto* layout = new QVBoxLayout(this);
    opening_->setAccessibleName(tr("Open"));
    opening_->setMinimumWidth(scaled(280));
    auto* open = label(tr("Open"), "", false);
    open->setMinimumWidth(scaled(200)); // as wide as the names below
    layout->addLayout(inOneRow({open, opening_}));
    for (ValueField* field : {volume_, flow_, hot_, cold_, room_, loss_, wanted_})
        layout->addWidget(field);
    layout->addWidget(label(tr("Find the heat lost by reading the full tank twice, some hours apart. The "
                               "numbers that ship are defaults: set your own."),
                            "soft"));
    layout->addWidget(times_, 1);
    layout->addWidget(problem_);
    layout->addWidget(footOf(this, tr("Save the plan"), [this] { keep(); }).box);
}

void PlanningDialog::keep() {
    PlanningPolicy policy = policy_;
    policy.id = "planning.lab";
    const auto opening = openingFromText(opening_->text().toStdString());
    if (!opening)
        return problem_->setText(report::say(opening.error()));
    policy.opening = *opening;
    const auto volume = volume_->value(), flow = flow_->value(), hot = hot_->value(), cold = cold_->value(),
               room = room_->value(), loss = loss_->value(), wanted = wanted_->value();
    if (!volume || !flow || !hot || !cold || !room || !loss || !wanted)
        return problem_->setText(tr("Every field needs a number."));
    policy.tank.tank = {Litres(*volume), WattsPerKelvin(*loss), Celsius(*room)};
    policy.tank.supply = {Celsius(*hot), Celsius(*cold), LitresPerMinute(*flow)};
    policy.tank.wanted = Celsius(*wanted);
    for (int row = 0; row < times_->rowCount(); ++row) {
        const auto bench = parseTyped(times_->item(row, 1)->text().toStdString()),
                   change = parseTyped(times_->item(row, 2)->text().toStdString());
        if (!bench || !change)
            return problem_->setText(tr("Every field needs a number."));
        policy.methods[static_cast<std::size_t>(row)].atTheBench = Minutes(*bench);
        policy.methods[static_cast<std::size_t>(row)].changing = Minutes(*change);
    }
    if (const auto kept = session_.undoing().act(tr("planning of the day changed"),
                                                 [&] { return keepPlanning(session_, policy); });
        !kept)
        return problem_->setText(report::say(kept.error()));
    session_.report({});
    accept();
}

} // namespace fusain::desktop

#include "moc_planning_dialog.cpp"
