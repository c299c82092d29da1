// Small instruments of the window: an equation that can be tried, and a slider that says where it must not go.
#include "desktop/places/library/equation_trial.hpp"
#include "desktop/places/library/library_words.hpp"
#include "desktop/widgets/guarded_slider.hpp"
#include "record/base/json.hpp"
#include "store/transfer/data_files.hpp"

#include <gtest/gtest.h>

namespace fusain::desktop::library_trial_test {
namespace {

void type(EquationTrial& trial, std::initializer_list<const char*> values) {
    const auto fields = trial.findChildren<ValueField*>();
    ASSERT_EQ(fields.size(), static_cast<qsizetype>(values.size()));
    qsizetype i = 0;
    for (const char* value : values)
        fields[i++]->edit()->setText(QLatin1String(value));
}

// −4.104 + 0.518·175²/500 + 0.231·70 + 0.130·55 = 50.944, and 4.229 more for a man.
TEST(TriedEquation, GivesWhatItsFormulaGives) {
    EquationTrial trial;
    trial.show(QStringLiteral("impedance.ffm.kyle-2001"));
    EXPECT_TRUE(trial.result().startsWith(QStringLiteral("Type values")));
    type(trial, {"175", "70", "30", "500", "55"});
    EXPECT_TRUE(trial.result().startsWith(QStringLiteral("50.9 kg"))) << trial.result().toStdString();
    EXPECT_TRUE(trial.result().contains(QStringLiteral("SEE 1.7")));
    trial.findChild<QComboBox*>()->setCurrentIndex(1);
    EXPECT_TRUE(trial.result().startsWith(QStringLiteral("55.2 kg"))) << trial.result().toStdString();
    trial.findChildren<ValueField*>().front()->edit()->clear();
    EXPECT_TRUE(trial.result().startsWith(QStringLiteral("Type values")));
}

TEST(TriedEquation, AnotherEquationBeginsEmpty) {
    EquationTrial trial;
    trial.show(QStringLiteral("impedance.ffm.kyle-2001"));
    type(trial, {"175", "70", "30", "500", "55"});
    trial.show(QStringLiteral("impedance.phase-angle"));
    EXPECT_TRUE(trial.result().startsWith(QStringLiteral("Type values")));
    type(trial, {"500", "50"});
    // atan(50/500)·180/π = 5.7106°
    EXPECT_TRUE(trial.result().startsWith(QStringLiteral("5.71"))) << trial.result().toStdString();
    trial.show({});
    EXPECT_TRUE(trial.isHidden());
}

// What the Library shows of a policy leaves no key of its document out.
TEST(PolicyPage, HasEveryValueOfTheDocument) {
    const auto catalogue = store::readCatalogue(QStringLiteral(FUSAIN_SOURCE_DIR "/data"));
    ASSERT_TRUE(catalogue);
    int keys = 0;
    for (const AnyPolicy& policy : catalogue->policies) {
        const QString page = everyValue(policy);
        const Json document = toJson(policy);
        for (const auto& [key, value] : document.items()) {
            ++keys;
            EXPECT_TRUE(page.contains(QString::fromStdString(key))) << common(policy).id << ' ' << key;
        }
        EXPECT_FALSE(page.contains(QStringLiteral("<td align=right></td><td>kg")));
    }
    EXPECT_GT(keys, 100);
}

QString guard(int value) {
    return value < -200 ? QStringLiteral("too little") : value > 300 ? QStringLiteral("too much") : QString();
}

TEST(GuardedSlider, NeighboursWithOneReasonAreOneStretch) {
    const auto found = stretchesOf(-400, 400, 100, guard);
    ASSERT_EQ(found.size(), 2u);
    EXPECT_EQ(found[0].from, -400);
    EXPECT_EQ(found[0].to, -300);
    EXPECT_EQ(found[1].from, 400);
    EXPECT_EQ(found[1].to, 400);
    EXPECT_TRUE(stretchesOf(0, 300, 100, guard).empty());
    const auto touching = stretchesOf(0, 3, 1, [](int value) { return QString::number(value / 2); });
    ASSERT_EQ(touching.size(), 2u); // another reason is another stretch
    EXPECT_EQ(touching[0].to, 1);
}

TEST(GuardedSlider, SaysTheReasonThatLiesNearest) {
    GuardedSlider slider(-400, 400, 100, 0, QStringLiteral("Energy"));
    EXPECT_EQ(slider.reasonNear(0), QString());
    slider.setForbidden(stretchesOf(-400, 400, 100, guard));
    EXPECT_TRUE(slider.reasonNear(0).contains(QStringLiteral("too little"))); // 300 away; the other 400
    EXPECT_TRUE(slider.reasonNear(200).contains(QStringLiteral("too much")));
    EXPECT_TRUE(slider.reasonNear(-400).contains(QStringLiteral("too little")));
    EXPECT_TRUE(slider.accessibleDescription().contains(QStringLiteral("-400 to -300")));
}

} // namespace
} // namespace fusain::desktop::library_trial_test
