#include "report/pages/client_words.hpp"

#include "report/base/words.hpp"

#include <QCoreApplication>
#include <cmath>

namespace fusain::report {

QString placeForClient(ReferencePlace place) {
    switch (place) {
    case ReferencePlace::Below:
        return tr("Your value is below the reference range.");
    case ReferencePlace::CloseToLower:
        return tr("Your value is close to the lower end of the reference range; the test cannot say on which side "
                  "of it.");
    case ReferencePlace::CloseToUpper:
        return tr("Your value is close to the upper end of the reference range; the test cannot say on which side "
                  "of it.");
    case ReferencePlace::Above:
        return tr("Your value is above the reference range.");
    case ReferencePlace::Within:
        break;
    }
    return tr("Your value is within the reference range.");
}

QString rangeForClient(const PlaceStatement& statement, const ForClient& client) {
    if (client.withoutNumbers)
        return tr("The range is that of people of your sex and age who were measured for it; it is no target.");
    return tr("For people of your sex and age it is %1 to %2 %. It describes people who were measured for it; "
              "it is no target.")
        .arg(number(statement.row->low, 0), number(statement.row->high, 0));
}

QString intervalForClient(const Measured<Percent>& fat) {
    return tr("Your true value is very likely between %1 and %2 %.")
        .arg(number(fat.low().value(), 0), number(fat.high().value(), 0));
}

QString massForClient(double kilograms, const ForClient& client) {
    return say(show(Kilograms(std::abs(kilograms)), client.units));
}

QString changeForClient(const QString& name, const Change& change, const ForClient& client) {
    if (!change.real())
        return tr("%1: no measurable change").arg(name);
    const bool less = change.difference < 0.0;
    if (client.withoutNumbers)
        return (less ? tr("%1: less") : tr("%1: more")).arg(name);
    return (less ? tr("%1: %2 less") : tr("%1: %2 more")).arg(name, massForClient(change.difference, client));
}

QString balanceForClient(const MassBalance& balance, const ForClient& client, std::size_t from) {
    QStringList said;
    for (std::size_t i = from; i < balance.parts.size(); ++i)
        said << changeForClient(say(balance.parts[i].name), balance.parts[i].change, client);
    return said.join(QStringLiteral("; "));
}

} // namespace fusain::report
