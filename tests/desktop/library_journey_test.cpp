// The lab's own reference sets, and the dialogs behind a plan.
#include "desktop/places/clients/energy_dialogs.hpp"
#include "desktop/places/library/reference_editor.hpp"
#include "desktop/services/lab_references.hpp"
#include "record/all/record.hpp"
#include "record/lab/reference_json.hpp"
#include "record/library/catalogue.hpp"
#include "support/journey.hpp"

#include <QDialogButtonBox>

namespace fusain::desktop::library_journey_test {
namespace {

class Reference : public Journey {
protected:
    void SetUp() override {
        Journey::SetUp();
        session->setAtTheBench(Staff{"oriel", "Oriel Thackway", Role::Physiologist});
    }
    reference::ReferenceSet copyOf(const char* id) {
        reference::ReferenceSet copy = *session->catalogue().reference(id);
        copy.id = session->references().freshId(copy.quantity);
        return copy;
    }
    static void press(QDialog& dialog, const char* text) {
        for (auto* each : dialog.findChildren<QPushButton*>())
            if (each->text() == QLatin1String(text))
                return QTest::mouseClick(each, Qt::LeftButton);
        FAIL() << text;
    }
    static QTableWidget* rowsOf(QDialog& dialog) { return dialog.findChild<QTableWidget*>(); }
};

TEST_F(Reference, ACopyIsChangedKeptChosenAndThereAfterwards) {
    ReferenceEditor editor(session->references(), copyOf("phase-angle.barbosa-silva-2005"), "oriel");
    rowsOf(editor)->item(0, 5)->setText(QStringLiteral("6,90")); // a comma is read as a point
    press(editor, "Save the set");
    ASSERT_EQ(editor.result(), QDialog::Accepted);
    const std::string id = editor.set().id;
    ASSERT_TRUE(session->references().choose(*session->catalogue().reference(id), "oriel"));
    closeWindow();
    openWindow();
    const auto* kept = session->references().chosenFor("phase-angle");
    ASSERT_TRUE(kept);
    EXPECT_EQ(kept->id, id);
    EXPECT_EQ(kept->grade, "lab");
    EXPECT_DOUBLE_EQ(std::get<reference::MeanAndDeviation>(kept->rows[0].distribution).mean, 6.90);
}

TEST_F(Reference, WhatDoesNotFitIsSaidAndNothingIsKept) {
    ReferenceEditor editor(session->references(), copyOf("phase-angle.barbosa-silva-2005"), "oriel");
    rowsOf(editor)->item(0, 6)->setText(QStringLiteral("0"));
    press(editor, "Save the set");
    EXPECT_NE(editor.result(), QDialog::Accepted);
    rowsOf(editor)->item(0, 6)->setText(QStringLiteral("word"));
    press(editor, "Save the set");
    EXPECT_NE(editor.result(), QDialog::Accepted);
    EXPECT_TRUE(session->book().settingsUnder("reference-set.").empty());
}

TEST_F(Reference, PercentilesAreTypedAsPairs) {
    ReferenceEditor editor(session->references(), copyOf("fat-percent.clinic-percentiles"), "oriel");
    rowsOf(editor)->item(0, 5)->setText(QStringLiteral("10 14.0; 50 21.5"));
    press(editor, "Save the set");
    ASSERT_EQ(editor.result(), QDialog::Accepted);
    EXPECT_DOUBLE_EQ(reference::valueAt(editor.set().rows[0].distribution, 30.0).value(), 17.75);
}

TEST_F(Reference, OneThatIsToBeConfirmedIsNotChosenNorAShippedOneOverwritten) {
    const auto& percentiles = *session->catalogue().reference("fat-percent.clinic-percentiles");
    EXPECT_FALSE(session->references().choose(percentiles, "oriel"));
    EXPECT_FALSE(session->references().keep(percentiles, "oriel"));
}

TEST_F(Reference, TooFewOfOurOwnPeopleAreNoReference) {
    const auto own = session->references().ofOwnPeople(methodDxa, referenceQuantities()[0], clock());
    ASSERT_FALSE(own);
    EXPECT_NE(own.error().english().find("50 people"), std::string::npos) << own.error().english();
}

TEST_F(Reference, ADescribedDayGivesItsLevel) {
    DescribedDayDialog day;
    // 8·0.95 + 5·1.3 + 8·1.5 + 2·2.5 + 1·3.5 = 34.6; /24 = 1.4417.
    EXPECT_NEAR(day.level().value(), 34.6 / 24.0, 1e-9);
    day.setHours(6, 1.0); // an hour of running makes it 25
    EXPECT_FALSE(day.level());
}

TEST_F(Reference, ARestingTestIsReadFromATableWithHeadings) {
    RestingDialog rest;
    QString table = QStringLiteral("minute;VO2;VCO2\n");
    for (int minute = 1; minute <= 12; ++minute)
        table += QStringLiteral("%1;0,250;0,2125\n").arg(minute);
    rest.setText(table);
    ASSERT_TRUE(rest.measurement()) << rest.measurement().error().english();
    EXPECT_NEAR(rest.measurement()->energy.value(), 1757.2, 0.1);
    rest.setText(QStringLiteral("0.25 0.2\n0.25 0.2"));
    EXPECT_FALSE(rest.measurement());
}

} // namespace
} // namespace fusain::desktop::library_journey_test
