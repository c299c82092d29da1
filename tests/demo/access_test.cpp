// The window for somebody who does not see it or has no mouse: what readers are told, what the keys reach.
#include "demo_lab.hpp"
#include "desktop/places/quality/chart_page.hpp"
#include "desktop/widgets/appearance.hpp"
#include "desktop/widgets/figure_view.hpp"
#include "desktop/window/shell.hpp"
#include "report/base/language.hpp"

#include <QAbstractButton>
#include <QAccessible>
#include <QApplication>
#include <QCheckBox>
#include <QDialog>
#include <QHash>
#include <QLabel>
#include <QRegularExpression>
#include <QSet>
#include <QTabBar>
#include <QTest>
#include <QTimer>

namespace fusain::demo::access_test {
namespace {

using namespace desktop;

QString readName(QWidget* widget) {
    auto* reader = QAccessible::queryAccessibleInterface(widget);
    if (!reader)
        return {};
    for (const auto& [label, relation] : reader->relations(QAccessible::Label))
        return label->text(QAccessible::Name);
    return qobject_cast<QComboBox*>(widget) ? QString() : reader->text(QAccessible::Name);
}

bool control(const QWidget* widget) {
    return qobject_cast<const QAbstractButton*>(widget) || qobject_cast<const QLineEdit*>(widget) ||
           qobject_cast<const QComboBox*>(widget) || qobject_cast<const QAbstractItemView*>(widget) ||
           qobject_cast<const FigureView*>(widget) || widget->inherits("QPlainTextEdit") ||
           widget->inherits("QTextBrowser") || widget->inherits("fusain::desktop::DayRibbon");
}

// The made-up lab in the real window.
class Access : public DemoLab {
protected:
    void SetUp() override { openAt(1.0); }
    void TearDown() override {
        shell.reset();
        session.reset();
        setTextScale(1.0); // for the cases after this one
    }
    void openAt(double text) {
        shell.reset();
        session.reset();
        report::loadFonts(QStringLiteral(FUSAIN_SOURCE_DIR "/data/fonts"));
        setTextScale(text);
        const Instant now = clock;
        session = std::make_unique<Session>(*store::LabBook::open(copied(), [now] { return now; }), *catalogue,
                                            [now] { return now; });
        shell = std::make_unique<Shell>(*session);
        shell->show();
        shell->activateWindow();
        ASSERT_TRUE(QTest::qWaitForWindowActive(shell.get()));
    }
    std::unique_ptr<Session> session;
    std::unique_ptr<Shell> shell;

    void everywhere(const std::function<void(const QString& where)>& look) {
        using Page = ClientsPlace::Page;
        for (const PlaceName place :
             {PlaceName::Day, PlaceName::Bench, PlaceName::Quality, PlaceName::Library}) {
            shell->open(place);
            QApplication::processEvents();
            look(QStringLiteral("place %1").arg(static_cast<int>(place)));
        }
        shell->open(PlaceName::Quality);
        for (const auto page :
             {QualityPlace::Page::Chart, QualityPlace::Page::Precision, QualityPlace::Page::Calibration}) {
            shell->quality().showPage(page);
            QApplication::processEvents();
            look(QStringLiteral("quality %1").arg(static_cast<int>(page)));
        }
        shell->open(PlaceName::Settings);
        using Settings = SettingsPlace::Page;
        for (const auto page : {Settings::Lab, Settings::People, Settings::Methods, Settings::GettingOut,
                                Settings::Screen, Settings::LabBook}) {
            shell->settings().showPage(page);
            QApplication::processEvents();
            look(QStringLiteral("settings %1").arg(static_cast<int>(page)));
        }
        shell->open(PlaceName::Clients);
        shell->clients().showClient(QStringLiteral("dov"));
        for (const Page page : {Page::Tests, Page::Findings, Page::Progress, Page::Methods, Page::Plan}) {
            shell->clients().showPage(page);
            QApplication::processEvents();
            look(QStringLiteral("clients %1").arg(static_cast<int>(page)));
        }
    }

    // Buttons, names of fields and headings; tables and lists shorten with dots and a tip.
    void expectWholeWords(const QString& where) {
        const auto about = [&](const QWidget* each, const QString& words) {
            return QStringLiteral("%1 at %2 % in %3x%4: %5 \"%6\" has %7 of %8")
                .arg(where)
                .arg(100.0 * textScale())
                .arg(shell->width())
                .arg(shell->height())
                .arg(QString::fromLatin1(each->metaObject()->className()), words)
                .arg(each->width())
                .arg(each->sizeHint().width())
                .toStdString();
        };
        for (const QPushButton* each : shell->findChildren<QPushButton*>())
            if (each->isVisible()) {
                EXPECT_GE(each->width() + 1, each->sizeHint().width()) << about(each, each->text());
            }
        for (const QLabel* each : shell->findChildren<QLabel*>())
            if (each->isVisible() && !each->wordWrap()) {
                EXPECT_GE(each->width() + 1, each->sizeHint().width()) << about(each, each->text());
            } else if (each->isVisible() && !each->text().isEmpty()) {
                EXPECT_GE(each->height() + 1, each->heightForWidth(each->width())) << about(each, each->text());
            }
    }

    // What Alt and a letter reach, from all that is seen at once.
    [[nodiscard]] QStringList lettersTwiceInView() const {
        QHash<QChar, QStringList> reached;
        const auto take = [&](const QString& text) {
            const QString plain = QString(text).remove(QStringLiteral("&&"));
            if (const auto at = plain.indexOf(QLatin1Char('&')); at >= 0 && at + 1 < plain.size())
                reached[plain[at + 1].toUpper()] << text;
        };
        for (const QAbstractButton* each : shell->findChildren<QAbstractButton*>())
            if (each->isVisible())
                take(each->text());
        for (const QTabBar* each : shell->findChildren<QTabBar*>())
            for (int tab = 0; each->isVisible() && tab < each->count(); ++tab)
                take(each->tabText(tab));
        for (const QLabel* each : shell->findChildren<QLabel*>())
            if (each->isVisible() && each->buddy())
                take(each->text());
        QStringList twice;
        for (const QStringList& texts : std::as_const(reached))
            if (texts.size() > 1)
                twice << texts.join(QStringLiteral(" | "));
        return twice;
    }
};

TEST_F(Access, NoLetterWithAltReachesTwoThings) {
    everywhere([&](const QString& where) {
        EXPECT_EQ(lettersTwiceInView().join(QLatin1Char('\n')).toStdString(), "") << where.toStdString();
    });
}

TEST_F(Access, NoLetterWithAltReachesTwoThingsInGerman) {
    report::setWindowLanguage(QStringLiteral("de"));
    openAt(1.0);
    everywhere([&](const QString& where) {
        EXPECT_EQ(lettersTwiceInView().join(QLatin1Char('\n')).toStdString(), "") << where.toStdString();
    });
    report::setWindowLanguage(QStringLiteral("en"));
    openAt(1.0);
}

TEST_F(Access, EveryControlHasANameThatReachesAReader) {
    int read = 0;
    everywhere([&](const QString& where) {
        for (QWidget* widget : shell->findChildren<QWidget*>()) {
            if (!widget->isVisible() || !control(widget) || widget->inherits("QHeaderView") ||
                widget->objectName().startsWith(QLatin1String("qt_")) ||
                widget->parentWidget()->inherits("QAbstractSpinBox") ||
                qobject_cast<QTabBar*>(widget->parentWidget()))
                continue;
            ++read;
            EXPECT_FALSE(readName(widget).isEmpty())
                << where.toStdString() << ": " << widget->metaObject()->className() << ' '
                << widget->objectName().toStdString();
        }
    });
    EXPECT_GT(read, 150);
}

TEST_F(Access, EveryFigureSaysWhatItShows) {
    QSet<QString> figures;
    everywhere([&](const QString& where) {
        for (FigureView* figure : shell->findChildren<FigureView*>()) {
            if (!figure->isVisible())
                continue;
            figures << figure->accessibleName();
            auto* reader = QAccessible::queryAccessibleInterface(figure);
            ASSERT_TRUE(reader);
            EXPECT_EQ(reader->role(), QAccessible::Graphic);
            EXPECT_FALSE(reader->text(QAccessible::Description).isEmpty());
            EXPECT_FALSE(figure->points().empty())
                << where.toStdString() << ": " << figure->accessibleName().toStdString();
            for (const report::FigurePoint& point : figure->points()) // nothing leaves its frame
                EXPECT_TRUE(figure->area().adjusted(-12, -12, 12, 12).contains(point.place))
                    << where.toStdString() << ": " << point.words.toStdString();
        }
    });
    EXPECT_GE(figures.size(), 6) << figures.values().join(QStringLiteral(", ")).toStdString();
}

TEST_F(Access, NoWordIsCutAtAnySizeOfText) {
    for (const auto& [text, size] : {std::pair(1.0, QSize(1180, 720)), std::pair(1.0, QSize(1280, 800)),
                                     std::pair(1.5, QSize(1920, 1200)), std::pair(2.0, QSize(2560, 1600))}) {
        openAt(text);
        shell->resize(size);
        everywhere([this](const QString& where) { expectWholeWords(where); });
    }
}

// A language that is read from the right has its places there, its notices beside them, and nothing is cut.
TEST_F(Access, AWindowReadFromTheRightIsMirrored) {
    QApplication::setLayoutDirection(Qt::RightToLeft);
    openAt(1.0);
    shell->resize(1280, 800);
    const auto x = [this](const QWidget* widget) { return widget->mapTo(shell.get(), QPoint(0, 0)).x(); };
    everywhere([&](const QString& where) {
        expectWholeWords(where);
        const auto* spine = shell->findChild<QWidget*>(QStringLiteral("spine"));
        EXPECT_EQ(x(spine) + spine->width(), shell->width()) << where.toStdString();
        session->report(failure({"A notice.", {}}));
        for (const QFrame* notice : shell->findChildren<QFrame*>(QStringLiteral("notice")))
            if (notice->isVisible()) {
                EXPECT_GE(x(notice), 0);
                EXPECT_LE(x(notice) + notice->width(), x(spine)) << where.toStdString();
            }
    });
    QApplication::setLayoutDirection(Qt::LeftToRight);
    openAt(1.0);
}

// What has no translation is named; names, codes and the words of the demo's people are in no list.
TEST_F(Access, TheWindowSpeaksGermanAndNoWordFallsBack) {
    (void)report::InLanguage::takeMissing();
    report::setWindowLanguage(QStringLiteral("de"));
    openAt(1.0);
    shell->resize(1280, 800);
    everywhere([this](const QString& where) { expectWholeWords(where); });
    const QStringList missing = report::InLanguage::takeMissing();
    report::setWindowLanguage(QStringLiteral("en"));
    EXPECT_TRUE(missing.isEmpty()) << missing.size() << ": " << missing.join(QLatin1Char('\n')).toStdString();
    openAt(1.0);
}

TEST_F(Access, TheDayIsReadWithItsAppointments) {
    shell->open(PlaceName::Day);
    const QString day = shell->day().ribbon().accessibleDescription();
    EXPECT_TRUE(day.contains(QStringLiteral("Dov Castellane"))) << day.toStdString();
    EXPECT_TRUE(day.startsWith(QStringLiteral("Chosen: "))) << day.toStdString();
    QTest::keyClick(&shell->day().ribbon(), Qt::Key_Right);
    EXPECT_NE(shell->day().ribbon().accessibleDescription(), day);
}

TEST_F(Access, KeysWalkThroughAFigureAndShowItAsATable) {
    shell->open(PlaceName::Clients);
    shell->clients().showClient(QStringLiteral("ailsa"));
    shell->clients().showPage(ClientsPlace::Page::Progress);
    FigureView* trend = nullptr;
    for (FigureView* figure : shell->findChildren<FigureView*>())
        if (figure->isVisible() && figure->points().size() > 2)
            trend = trend ? trend : figure;
    ASSERT_TRUE(trend);
    trend->setFocus();
    EXPECT_TRUE(trend->current().isEmpty());
    QTest::keyClick(trend, Qt::Key_Right);
    EXPECT_EQ(trend->current(), trend->points().front().words);
    QTest::keyClick(trend, Qt::Key_Right);
    EXPECT_EQ(trend->current(), trend->points()[1].words);
    QTest::keyClick(trend, Qt::Key_End);
    QTest::keyClick(trend, Qt::Key_Right); // stays at the end
    EXPECT_EQ(trend->current(), trend->points().back().words);
    QTest::keyClick(trend, Qt::Key_Left);
    EXPECT_EQ(trend->current(), trend->points()[trend->points().size() - 2].words);
    int rows = 0;
    QTimer::singleShot(0, shell.get(), [&] {
        auto* dialog = qobject_cast<QDialog*>(QApplication::activeModalWidget());
        ASSERT_TRUE(dialog);
        rows = dialog->findChild<QTableWidget*>()->rowCount();
        dialog->accept();
    });
    QTest::keyClick(trend, Qt::Key_Return);
    EXPECT_EQ(rows, static_cast<int>(trend->points().size()));
    EXPECT_EQ(shell->focusWidget(), trend);
}

TEST_F(Access, APeriodOfTheTrendIsChosenWithThePointerOrWithoutIt) {
    shell->open(PlaceName::Clients);
    shell->clients().showClient(QStringLiteral("ailsa"));
    shell->clients().showPage(ClientsPlace::Page::Progress);
    QApplication::processEvents();
    ProgressPage& page = shell->clients().progress();
    auto* trend = page.findChild<FigureView*>();
    QComboBox *from = nullptr, *to = nullptr;
    for (QComboBox* each : page.findChildren<QComboBox*>()) {
        from = each->accessibleName() == QLatin1String("Earlier visit") ? each : from;
        to = each->accessibleName() == QLatin1String("Later visit") ? each : to;
    }
    QPushButton* zoom = page.findChild<QPushButton*>();
    ASSERT_TRUE(trend && from && to && zoom);
    auto all = trend->points();
    std::ranges::sort(all, {}, [](const report::FigurePoint& each) { return each.place.x(); });
    ASSERT_GE(all.size(), 4u);
    // Over the last three visits, a little to either side.
    const auto pixel = [&](std::size_t point, int beside) {
        return QPoint(static_cast<int>(all[point].place.x()) + beside, trend->height() / 2);
    };
    QTest::mousePress(trend, Qt::LeftButton, {}, pixel(all.size() - 3, -8));
    QTest::mouseMove(trend, pixel(all.size() - 2, 0));
    QTest::mouseRelease(trend, Qt::LeftButton, {}, pixel(all.size() - 1, 8));
    EXPECT_EQ(trend->points().size(), 3u);
    EXPECT_TRUE(all[all.size() - 3].words.contains(from->currentText().section(QLatin1Char(','), 0, 0)))
        << from->currentText().toStdString();
    EXPECT_EQ(to->currentIndex(), to->count() - 1);
    EXPECT_EQ(zoom->text(), QStringLiteral("All visits"));
    QTest::keyClick(zoom, Qt::Key_Space);
    EXPECT_EQ(trend->points().size(), all.size());
    QTest::keyClick(zoom, Qt::Key_Space); // the same two visits, without the pointer
    EXPECT_EQ(trend->points().size(), 3u);
    QTest::keyClick(zoom, Qt::Key_Space);
    QTest::mousePress(trend, Qt::LeftButton, {}, pixel(0, -30)); // where nothing is nothing is chosen
    QTest::mouseRelease(trend, Qt::LeftButton, {}, pixel(0, -10));
    EXPECT_EQ(trend->points().size(), all.size());
}

TEST_F(Access, RegionsOfAScanAreComparedWhereTheyAreAskedFor) {
    shell->open(PlaceName::Clients);
    shell->clients().showClient(QStringLiteral("caspian"));
    shell->clients().showPage(ClientsPlace::Page::Progress);
    ProgressPage& page = shell->clients().progress();
    auto* regions = page.findChild<QCheckBox*>();
    auto* changes = page.findChild<QTableWidget*>();
    ASSERT_TRUE(regions && changes && regions->isVisible());
    const int before = changes->rowCount();
    regions->setChecked(true);
    EXPECT_EQ(changes->rowCount(), before + static_cast<int>(followedRegions().size()));
    shell->clients().showClient(QStringLiteral("ailsa")); // never scanned
    EXPECT_FALSE(regions->isVisible());
}

TEST_F(Access, TimeIsStretchedAndEveryValueIsStillReached) {
    shell->open(PlaceName::Quality);
    shell->quality().showInstrument(QStringLiteral("chamber"));
    shell->quality().showPage(QualityPlace::Page::Chart);
    QApplication::processEvents();
    auto* chart = shell->quality().findChild<ChartPage*>()->findChild<FigureView*>();
    ASSERT_TRUE(chart);
    const auto before = chart->points();
    const QRectF all = chart->area();
    ASSERT_GT(before.size(), 20u);
    chart->setFocus();
    for (int i = 0; i < 6; ++i) // no further than sixteen times
        QTest::keyClick(chart, Qt::Key_Plus);
    EXPECT_EQ(chart->stretched(), 16.0);
    EXPECT_NEAR(chart->area().width(), 16.0 * all.width(), 1e-6);
    ASSERT_EQ(chart->points().size(), before.size());
    for (std::size_t i = 0; i < before.size(); ++i)
        EXPECT_EQ(chart->points()[i].words, before[i].words);
    QTest::keyClick(chart, Qt::Key_End); // comes into sight
    EXPECT_EQ(chart->current(), before.back().words);
    const QImage shown = chart->grab().toImage();
    EXPECT_FALSE(shown.isNull());
    for (int i = 0; i < 6; ++i)
        QTest::keyClick(chart, Qt::Key_Minus);
    EXPECT_EQ(chart->stretched(), 1.0);
    EXPECT_EQ(chart->area(), all);
}

TEST_F(Access, TabFollowsThePageOfTheBench) {
    shell->open(PlaceName::Day);
    for (const AnyTest& test : session->book().runningTests())
        if (methodOf(test) == methodHydrostatic) {
            ASSERT_TRUE(session->report(session->resumeRun(common(test).id)));
        }
    shell->open(PlaceName::Bench);
    QStringList order;
    QWidget* first = shell->bench().findChild<QListWidget*>();
    QWidget* at = first;
    do {
        if (at->isVisible() && (at->focusPolicy() & Qt::TabFocus) && shell->bench().isAncestorOf(at))
            order << QString::fromLatin1(at->metaObject()->className()) + QLatin1Char(' ') +
                         at->accessibleName();
        at = at->nextInFocusChain();
    } while (at != first);
    const auto place = [&](const char* name) {
        return order.indexOf(QRegularExpression(QStringLiteral(".*%1.*").arg(QLatin1String(name))));
    };
    ASSERT_GE(place("Worked sheet"), 0) << order.join(QLatin1Char('\n')).toStdString();
    ASSERT_GE(place("QLineEdit Steady"), 0) << order.join(QLatin1Char('\n')).toStdString();
    EXPECT_LT(place("QLineEdit Steady"), place("Worked sheet")) << order.join(QLatin1Char('\n')).toStdString();
}

} // namespace
} // namespace fusain::demo::access_test
