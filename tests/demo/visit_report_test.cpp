// The report on a visit, for everybody of the made-up lab.
#include "demo_lab.hpp"
#include "desktop/services/lab_references.hpp"
#include "desktop/services/visit_reporter.hpp"
#include "report/base/language.hpp"
#include "report/base/words.hpp"
#include "report/pages/preparation_page.hpp"
#include "report/pages/talk_scenes.hpp"
#include "support/pdf_text.hpp"

#include <QImage>
#include <QProcess>
#include <QRegularExpression>
#include <QSet>

namespace fusain::demo::visit_report_test {
namespace {

using desktop::Session;

std::unique_ptr<Session> sessionOn(const QString& path, const LabCatalogue& catalogue, Instant now) {
    report::loadFonts(QStringLiteral(FUSAIN_SOURCE_DIR "/data/fonts"));
    report::setLanguageFolder(store::dataFolder() + QStringLiteral("/page-languages"));
    return std::make_unique<Session>(*store::LabBook::open(path, [now] { return now; }), catalogue,
                                     [now] { return now; });
}

void paintAll(const report::PageFlow& flow) {
    QImage image(595, 842, QImage::Format_RGB32);
    QPainter painter(&image);
    for (int page = 0; page < flow.pageCount(); ++page)
        flow.paint(painter, page, QRectF(0, 0, 595, 842));
}

std::optional<report::VisitReport> lastVisit(Session& session, const Client& client) {
    const auto days = desktop::visitDays(session, client.id);
    const auto visit = days.empty() ? Expected<report::VisitReport>(tl::unexpected(Problem{}))
                                    : desktop::visitReportOn(session, client, days.front());
    return visit ? std::optional(*visit) : std::nullopt;
}

// A scan tells most, then the tank, the chamber and the analyzer, in whatever order they came.
TEST_F(DemoLab, TheTestThatTellsMostCarriesThePictures) {
    const auto session = sessionOn(copied(), *catalogue, clock);
    const std::vector<std::string_view> order{methodDxa, methodHydrostatic, methodChamber, methodImpedance};
    int several = 0;
    for (const Client& client : book->clients()) {
        auto visit = lastVisit(*session, client);
        if (!visit || !visit->richest())
            continue;
        const auto rank = [&](const report::TestReport& test) {
            return std::ranges::find(order, methodOf(test.computed.test)) - order.begin();
        };
        for (int turn = 0; turn < 2; ++turn, std::ranges::reverse(visit->tests))
            for (const report::TestReport& test : visit->tests)
                if (test.composition()) {
                    EXPECT_LE(rank(*visit->richest()), rank(test)) << client.name;
                }
        several += visit->tests.size() > 1;
    }
    EXPECT_GT(several, 0);
}

TEST_F(DemoLab, ALimitOfAnotherMethodJudgesNobody) {
    const auto session = sessionOn(copied(), *catalogue, clock);
    desktop::LabReferences& references = session->references();
    const auto chosen = [&](const char* quantity, std::string_view method) {
        const auto* set = references.chosenForMethod(quantity, method);
        return set ? set->id : std::string();
    };
    // Without a method of its own a set serves every method.
    EXPECT_EQ(chosen("limb-lean-index", "dxa"), "limb-lean-index.ewgsop2-2019");
    EXPECT_EQ(chosen("limb-lean-index", "impedance"), "limb-lean-index.ewgsop2-2019");
    // Of one paper the limit of the method stands, whichever of them was chosen.
    for (const char* id : {"limb-lean-index.awgs-2019", "limb-lean-index.awgs-2019.dxa"}) {
        ASSERT_TRUE(references.choose(*session->catalogue().reference(id), "s-01")) << id;
        EXPECT_EQ(chosen("limb-lean-index", "dxa"), "limb-lean-index.awgs-2019.dxa");
        EXPECT_EQ(chosen("limb-lean-index", "impedance"), "limb-lean-index.awgs-2019");
    }
    // A paper that has none for the method gives none.
    EXPECT_EQ(chosen("limb-lean-by-bmi", "dxa"), "limb-lean-by-bmi.fnih-2014");
    EXPECT_EQ(chosen("limb-lean-by-bmi", "impedance"), "");
}

TEST_F(DemoLab, EveryClientsPagesAreTwoAtMostAndCompleteInEveryLanguage) {
    const auto session = sessionOn(copied(), *catalogue, clock);
    ASSERT_GE(report::pageLanguages().size(), 2);
    (void)
        report::InLanguage::takeMissing(); // what another case asked for, a printer's name of its paper for one
    QStringList missing;
    int visits = 0;
    for (const Client& client : book->clients()) {
        const auto visit = lastVisit(*session, client);
        if (!visit)
            continue;
        ++visits;
        for (const QString& code : report::pageLanguages()) {
            const report::InLanguage language(code);
            const report::PageFlow pages = clientCopy(*visit);
            EXPECT_LE(pages.pageCount(), visit->tests.size() > 1 ? 2 : 1)
                << client.name << ' ' << code.toStdString();
            paintAll(pages);
            for (const report::TestReport& test : visit->tests)
                paintAll(report::clientCopy(test));
            for (const report::TalkScene& scene : report::talkScenes(*visit)) {
                EXPECT_FALSE(scene.headline.isEmpty());
                if (scene.picture) {
                    QImage sheet(900, 500, QImage::Format_RGB32);
                    QPainter painter(&sheet);
                    scene.picture->paint(painter, QRectF(0, 0, 900, 500), report::lightPalette());
                }
            }
            missing << report::InLanguage::takeMissing();
        }
    }
    missing.removeDuplicates();
    EXPECT_GE(visits, 12);
    EXPECT_TRUE(missing.isEmpty()) << missing.join(QStringLiteral("\n")).toStdString();
}

TEST_F(DemoLab, ThePageIsInTheLanguageAskedForAndTheWindowStaysAsItWas) {
    const auto session = sessionOn(copied(), *catalogue, clock);
    const auto visit = lastVisit(*session, *book->client("dov"));
    ASSERT_TRUE(visit);
    QString german;
    {
        const report::InLanguage language(QStringLiteral("de"));
        german = testing::textOf(clientCopy(*visit));
    }
    EXPECT_TRUE(german.contains(QStringLiteral("Bis zum nächsten Mal"))) << german.toStdString();
    EXPECT_TRUE(german.contains(QStringLiteral("Luftverdrängung")));
    EXPECT_FALSE(german.contains(QStringLiteral("How it was measured")));
    EXPECT_EQ(report::say("impedance"), QStringLiteral("impedance"));
    EXPECT_TRUE(testing::textOf(clientCopy(*visit)).contains(QStringLiteral("How it was measured")));
}

// The package, not the build tree: into a fresh prefix, and a page in each language that it brings.
TEST_F(DemoLab, AnInstalledCopyHasItsLanguages) {
    const QTemporaryDir prefix;
    QProcess install;
    install.start(QStringLiteral("cmake"), {QStringLiteral("--install"), QStringLiteral(FUSAIN_BUILD_DIR),
                                            QStringLiteral("--prefix"), prefix.path()});
    ASSERT_TRUE(install.waitForFinished(120000));
    ASSERT_EQ(install.exitCode(), 0) << install.readAllStandardError().toStdString();
    for (const char* part :
         {"/bin/fusain", "/bin/fusain-calc", "/share/mime/packages/invalid.fusain.Fusain.xml",
          "/share/applications/invalid.fusain.Fusain.desktop"})
        EXPECT_TRUE(QFile::exists(prefix.path() + QLatin1String(part))) << part;
    const auto session = sessionOn(copied(), *catalogue, clock);
    report::setLanguageFolder(prefix.path() + QStringLiteral("/share/fusain/data/page-languages"));
    ASSERT_TRUE(report::pageLanguages().contains(QStringLiteral("de")));
    const auto visit = lastVisit(*session, *book->client("dov"));
    ASSERT_TRUE(visit);
    const report::InLanguage language(QStringLiteral("de"));
    EXPECT_TRUE(testing::textOf(clientCopy(*visit)).contains(QStringLiteral("Bis zum nächsten Mal")));
}

TEST_F(DemoLab, TheLabCopyHoldsEveryMethodOfTheDay) {
    const auto session = sessionOn(copied(), *catalogue, clock);
    const auto visit = lastVisit(*session, *book->client("dov"));
    ASSERT_TRUE(visit);
    EXPECT_EQ(visit->tests.size(), 4u);
    const QString text = testing::textOf(labCopy(*visit));
    for (const char* part : {"Four components, Wang 2002", "Lab copy: impedance", "Lab copy: densitometer",
                             "Lab copy: air displacement", "Lab copy: underwater weighing", "Worked sheet"})
        EXPECT_TRUE(text.contains(QLatin1String(part))) << part;
}

TEST_F(DemoLab, WithoutTheNameAndWithoutNumbersThePageKeepsBothBack) {
    const auto session = sessionOn(copied(), *catalogue, clock);
    auto visit = lastVisit(*session, *book->client("ailsa"));
    ASSERT_TRUE(visit);
    visit->namesHidden = visit->withoutNumbers = true;
    const QString text = testing::textOf(clientCopy(*visit));
    EXPECT_FALSE(text.contains(QStringLiteral("Ailsa")));
    EXPECT_FALSE(text.contains(QStringLiteral("very likely between")));
    EXPECT_FALSE(text.contains(QStringLiteral("The plan")));
    visit->namesHidden = visit->withoutNumbers = false;
    EXPECT_TRUE(testing::textOf(clientCopy(*visit)).contains(QStringLiteral("very likely between")));
}

TEST_F(DemoLab, TheLabCopyHasThePlanAndItsNumbersWhateverTheClientReads) {
    const auto session = sessionOn(copied(), *catalogue, clock);
    auto visit = lastVisit(*session, *book->client("goran"));
    ASSERT_TRUE(visit);
    EXPECT_TRUE(testing::textOf(labCopy(*visit)).contains(QStringLiteral("The plan")));
    visit->withoutNumbers = true;
    EXPECT_TRUE(testing::textOf(labCopy(*visit)).contains(QStringLiteral("4.4 kg less")));
    EXPECT_FALSE(testing::textOf(clientCopy(*visit)).contains(QStringLiteral("4.4 kg")));
}

TEST_F(DemoLab, AChildGetsNoPlanAndAGrownUpsParagraph) {
    const auto session = sessionOn(copied(), *catalogue, clock);
    const auto visit = lastVisit(*session, *book->client("wren"));
    ASSERT_TRUE(visit);
    const QString text = testing::textOf(clientCopy(*visit));
    EXPECT_TRUE(text.contains(QStringLiteral("For the family")));
    EXPECT_FALSE(text.contains(QStringLiteral("The plan")));
    EXPECT_FALSE(text.contains(QStringLiteral("alcohol")));
}

// A form of address has a variant of its own; what it does not list is said as to everybody.
TEST_F(DemoLab, AGermanPageSaysDuToAChildAndSieToAnAdult) {
    const auto session = sessionOn(copied(), *catalogue, clock);
    const QRegularExpression formal(QStringLiteral("\\b(Ihr|Ihre[rnms]?|Ihnen|Sie (?!ist |zu ))\\b"));
    const auto pagesOf = [&](const char* id) {
        const auto visit = lastVisit(*session, *book->client(id));
        const report::InLanguage language(report::spokenTo(visit->client, visit->day(), QStringLiteral("de")));
        QString text = testing::textOf(clientCopy(*visit));
        for (const report::TestReport& test : visit->tests)
            text += testing::textOf(report::clientCopy(test));
        return text;
    };
    const QString child = pagesOf("wren"), adult = pagesOf("dov");
    EXPECT_TRUE(child.contains(QRegularExpression(QStringLiteral("\\b(dein|du)\\b")))) << child.toStdString();
    EXPECT_FALSE(child.contains(formal))
        << formal.match(child).captured().toStdString() << " in " << child.toStdString();
    EXPECT_TRUE(adult.contains(formal));
    EXPECT_TRUE(child.contains(QStringLiteral("Bis zum nächsten Mal"))); // from the list for everybody
}

TEST_F(DemoLab, AnAdultIsSpokenToAsOneFromTheEighteenthBirthdayOn) {
    Client client;
    client.birthDate = *dateFromIso("2008-03-12");
    client.language = "de";
    EXPECT_EQ(report::spokenTo(client, *instantFromIso("2026-03-11T12:00:00.000Z")),
              QStringLiteral("de@child"));
    EXPECT_EQ(report::spokenTo(client, *instantFromIso("2026-03-12T12:00:00.000Z")), QStringLiteral("de"));
    EXPECT_FALSE(report::pageLanguages().contains(QStringLiteral("de@child"))); // nobody chooses it
}

} // namespace
} // namespace fusain::demo::visit_report_test
