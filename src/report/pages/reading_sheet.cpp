#include "report/pages/reading_sheet.hpp"

#include "report/base/words.hpp"

#include <QCoreApplication>
#include <algorithm>

namespace fusain::report {
namespace {

QString valueWords(Followed quantity, const ComputedTest& test) {
    const auto value = valueOf(quantity, test);
    const FollowedText& text = textOf(quantity);
    return value ? tr("%1 ± %2 %3")
                       .arg(number(value->value, text.decimals),
                            number(normal95 * value->visitError, text.decimals),
                            QString::fromUtf8(text.unit.data(), static_cast<int>(text.unit.size())))
                 : QStringLiteral("–");
}

QString preparation(const ComputedTest& test, const Protocol& protocol) {
    QStringList broken;
    for (const AnsweredQuestion& answer : test.record().answers)
        if (!answer.finding.kept) {
            const readiness::Rule* rule = protocol.find(answer.rule);
            const std::string& question = rule ? rule->question : answer.question;
            broken << (answer.answer.ago
                           ? tr("%1: %2 h before")
                                 .arg(say(std::string_view(question)), number(answer.answer.ago->value(), 1))
                           : say(std::string_view(question)));
        }
    return broken.isEmpty() ? tr("as asked") : broken.join(QStringLiteral("; "));
}

QString setting(const ComputedTest& test) {
    return test.shared().setting.empty() ? tr("the lab's only one")
                                         : QString::fromStdString(test.shared().setting);
}

} // namespace

PageFlow readingSheet(const Letterhead& lab, const QString& clientName, const ComputedTest& earlier,
                      const ComputedTest& now, const std::vector<std::string>& quantities,
                      const Protocol& protocol) {
    constexpr double size = 15.0;
    const std::vector<double> columns{0.24, 0.38, 0.38};
    PageFlow flow(plain(lab.name), lab);
    flow.title(clientName);
    const auto row = [&](const QString& name, const QString& then, const QString& today, bool bold = false) {
        flow.row({name, then, today}, columns, bold, {}, size);
    };
    row({}, day(earlier.record().startedAt), day(now.record().startedAt), true);
    flow.rule();
    row(tr("hour"), clock(earlier.record().startedAt), clock(now.record().startedAt));
    row(tr("method"), say(methodTitle(methodOf(earlier.test))), say(methodTitle(methodOf(now.test))));
    row(tr("instrument"), setting(earlier), setting(now));
    row(tr("prepared"), preparation(earlier, protocol), preparation(now, protocol));
    flow.rule();
    for (const std::string& id : quantities) {
        const auto text = std::ranges::find(followedQuantities(), id, &FollowedText::id);
        if (text != followedQuantities().end())
            row(say(text->title), valueWords(text->quantity, earlier), valueWords(text->quantity, now));
    }
    flow.gap(10.0);
    flow.paragraph(tr("± is the 95 % range of one visit about the same person's other visits. The "
                      "smallest change that two visits can show is about 1.4 times that."),
                   13.0, printPalette().softInk);
    return flow;
}

} // namespace fusain::report
