// SPDX-License-Identifier: GPL-3.0-or-later
// Proves that who does not see the pictures, or has no mouse, or sees no colours, has the same program: parts of pictures are
// walked by key and read out through the accessibility interface, everything has a name and is reached by Tab, signs differ in
// grey, and the looks have the contrast that WCAG 2.1 asks for.
#include "app/design/plan.h"
#include "app/parts/tuning_picture.h"
#include "app/parts/workpiece.h"
#include "app/shell/guide_figures.h"
#include "gui/gui_support.h"
#include "support/test_main.h"

#include <QAbstractButton>
#include <QAbstractSpinBox>
#include <QAccessible>
#include <QCheckBox>
#include <QLayout>
#include <QSet>
#include <cmath>
#include <numeric>

using namespace dowel;
using gui::Desk;

namespace {

constexpr app::MainWindow::Stage stages[] = {app::MainWindow::Blank,   app::MainWindow::Edge,   app::MainWindow::Target,
                                             app::MainWindow::Layout,  app::MainWindow::Drill,  app::MainWindow::Listen,
                                             app::MainWindow::Correct, app::MainWindow::Finish, app::MainWindow::Logbook};

/// Relative luminance and contrast of two colours: WCAG 2.1, definitions of "relative luminance" and "contrast ratio".
double luminance(const QColor& c)
{
    const auto linear = [](double v) {
        return v <= 0.03928 ? v / 12.92 : std::pow((v + 0.055) / 1.055, 2.4);
    };
    return 0.2126 * linear(c.redF()) + 0.7152 * linear(c.greenF()) + 0.0722 * linear(c.blueF());
}
double contrast(const QColor& a, const QColor& b)
{
    const double la = luminance(a);
    const double lb = luminance(b);
    return (std::max(la, lb) + 0.05) / (std::min(la, lb) + 0.05);
}

bool takesKeys(const QWidget* w)
{
    return w->isVisible() && w->isEnabled() && (w->focusPolicy() & Qt::TabFocus) != 0 &&
           (qobject_cast<const QAbstractButton*>(w) != nullptr || qobject_cast<const QLineEdit*>(w) != nullptr ||
            qobject_cast<const QComboBox*>(w) != nullptr || qobject_cast<const QAbstractSpinBox*>(w) != nullptr ||
            qobject_cast<const QAbstractItemView*>(w) != nullptr || qobject_cast<const app::Picture*>(w) != nullptr);
}

} // namespace

class TestGuiAccess : public gui::WindowTest
{
    Q_OBJECT

    static void walkPicture(app::Picture& picture)
    {
        QAccessibleInterface* whole = QAccessible::queryAccessibleInterface(&picture);
        QVERIFY(whole != nullptr);
        QCOMPARE(whole->role(), QAccessible::List);
        QVERIFY(!whole->text(QAccessible::Name).isEmpty());
        QCOMPARE(whole->childCount(), picture.partCount());
        if (picture.partCount() == 0)
            return;
        picture.setFocus();
        QTest::keyClick(&picture, Qt::Key_Home);
        QSet<QString> read;
        for (int i = 0; i < picture.partCount(); ++i) {
            QAccessibleInterface* part = whole->focusChild();
            QVERIFY2(part != nullptr, qPrintable(picture.objectName()));
            QCOMPARE(whole->indexOfChild(part), i);
            QVERIFY(part->state().focused && part->state().selected);
            const QString name = part->text(QAccessible::Name);
            QVERIFY2(!name.isEmpty(), qPrintable(picture.objectName()));
            read.insert(name);
            const QRect place(picture.mapToGlobal(QPoint()), picture.size());
            QVERIFY2(place.intersects(part->rect()), qPrintable(picture.objectName() + QLatin1Char(' ') + name));
            QTest::keyClick(&picture, Qt::Key_Right);
        }
        QCOMPARE(static_cast<int>(read.size()), picture.partCount()); // no two read alike
    }

private Q_SLOTS:
    void everyPartOfAPictureIsWalkedAndReadOut()
    {
        QAccessible::setActive(true);
        Desk desk;
        QVERIFY(desk.hearAll());
        QVERIFY(desk.idle());
        int walked = 0;
        for (const auto stage : stages) {
            desk.window().goTo(stage);
            desk.settle();
            if (stage == app::MainWindow::Listen)
                desk.click("timbreFace");
            desk.settle();
            for (app::Picture* picture : desk.window().findChildren<app::Picture*>())
                if (picture->isVisible() && picture->isEnabled()) {
                    walkPicture(*picture);
                    walked += picture->partCount() > 0 ? 1 : 0;
                    if (QTest::currentTestFailed())
                        return;
                }
        }
        QVERIFY2(walked >= 6, qPrintable(QString::number(walked)));
        // As a maker would say it: the note, how far off, where the cut brings it.
        desk.window().goTo(app::MainWindow::Correct);
        auto* tuning = desk.find<app::TuningPicture>("tuningPicture");
        const QString words = tuning->partWords(0);
        QVERIFY2(words.startsWith(QStringLiteral("D5, ")) && words.contains(QStringLiteral(" cents ")) &&
                     words.contains(QStringLiteral("after the cut")),
                 qPrintable(words));
    }
    void whatTakesKeysHasAName()
    {
        Desk desk;
        QVERIFY(desk.hearAll());
        for (const auto stage : stages) {
            desk.window().goTo(stage);
            desk.settle();
            for (const QWidget* w : desk.window().findChildren<QWidget*>()) {
                if (!takesKeys(w) || w->objectName() == QLatin1String("qt_spinbox_lineedit"))
                    continue;
                QAccessibleInterface* a = QAccessible::queryAccessibleInterface(const_cast<QWidget*>(w));
                QVERIFY(a != nullptr);
                QVERIFY2(!a->text(QAccessible::Name).isEmpty(), qPrintable(w->objectName()));
            }
        }
    }
    void tabReachesEverything()
    {
        Desk desk;
        QVERIFY(desk.hearAll());
        for (const auto stage : stages) {
            desk.window().goTo(stage);
            desk.settle();
            QSet<const QWidget*> wanted;
            for (const QWidget* w : desk.window().findChildren<QWidget*>())
                if (takesKeys(w) && w->objectName() != QLatin1String("qt_spinbox_lineedit"))
                    wanted.insert(w);
            constexpr int most = 150;
            for (int i = 0; i < most && !wanted.isEmpty(); ++i) {
                QWidget* now = QApplication::focusWidget();
                wanted.remove(now);
                QTest::keyClick(now == nullptr ? &desk.window() : now, Qt::Key_Tab);
            }
            // Of faces and of buttons that exclude each other one stands for all: the arrows reach the others.
            QStringList missed;
            for (const QWidget* w : wanted) {
                const auto* button = qobject_cast<const QAbstractButton*>(w);
                if (button == nullptr || !button->isCheckable())
                    missed << w->objectName();
            }
            QVERIFY2(missed.isEmpty(), qPrintable(QStringLiteral("stage %1: ").arg(stage) + missed.join(QLatin1Char(' '))));
        }
    }
    void noBandCoversTheLegend()
    {
        app::TuningPicture picture(app::systemTime());
        picture.resize(640, 420);
        for (const double tolerance : {6.0, 12.0, 30.0, 90.0}) {
            std::vector<app::PictureNote> notes(3);
            for (app::PictureNote& n : notes) {
                n.name = QStringLiteral("D5");
                n.heard = true;
                n.tolerance = tolerance;
            }
            picture.setNotes(notes);
            const QImage image = picture.grab().toImage();
            const QRgb band = app::Style::current().colours().within.rgb();
            const auto banded = [&](int from, int to) {
                int count = 0;
                for (int y = from; y < to; ++y)
                    for (int x = 0; x < image.width(); ++x)
                        count += image.pixel(x, y) == band ? 1 : 0;
                return count;
            };
            QCOMPARE(banded(0, 20), 0);
            QVERIFY(banded(20, image.height() - 50) > 1000);
            QCOMPARE(banded(image.height() - 40, image.height()), 0);
        }
    }
    void signsDifferInGrey()
    {
        app::TuningPicture picture(app::systemTime());
        picture.resize(640, 420);
        // Which way the sign's ink leans: rows of the middle column that are as wide as a sign and no wider.
        const auto lean = [&](double cents) {
            std::vector<app::PictureNote> notes(3);
            for (app::PictureNote& n : notes) {
                n.name = QStringLiteral("D5");
                n.heard = true;
                n.now = cents;
                n.tolerance = 9.0;
            }
            picture.setNotes(notes);
            const QImage image = picture.grab().toImage().convertToFormat(QImage::Format_Grayscale8);
            const QRectF column = picture.partPlace(1);
            std::vector<int> rows;
            int best = 0;
            int first = 0;
            for (int y = static_cast<int>(column.top()); y < static_cast<int>(column.bottom()) - 50; ++y) {
                int ink = 0;
                for (int x = static_cast<int>(column.center().x()) - 14; x <= static_cast<int>(column.center().x()) + 14; ++x)
                    ink += qGray(image.pixel(x, y)) < 140 ? 1 : 0;
                rows.push_back(ink > 1 && ink < 18 ? ink : 0);
            }
            for (int i = 0; i + 14 < static_cast<int>(rows.size()); ++i) { // the densest stretch as high as a sign
                const int sum = std::accumulate(rows.begin() + i, rows.begin() + i + 14, 0);
                if (sum > best) {
                    best = sum;
                    first = i;
                }
            }
            auto top = rows.begin() + first; // without the empty rows at its ends
            auto bottom = top + 14;
            while (top < bottom && *top == 0)
                ++top;
            while (bottom > top && *(bottom - 1) == 0)
                --bottom;
            const auto half = (bottom - top) / 2;
            const double upper = std::accumulate(top, top + half, 0.0);
            const double lower = std::accumulate(bottom - half, bottom, 0.0);
            return (lower - upper) / (lower + upper);
        };
        const double sharp = lean(25.0); // points upwards: its foot is the wide end
        const double flat = lean(-25.0);
        const double within = lean(6.0); // off the line of the target
        QVERIFY2(sharp > 0.12, qPrintable(QString::number(sharp)));
        QVERIFY2(flat < -0.12, qPrintable(QString::number(flat)));
        QVERIFY2(std::abs(within) < 0.1, qPrintable(QString::number(within)));
    }
    void theFirstStepsLeadThroughAPracticeBlank()
    {
        Desk desk;
        auto* steps = desk.find<QWidget>("firstSteps");
        const auto* words = steps->findChild<QLabel*>(QStringLiteral("firstStepsWords"));
        QVERIFY(desk.idle());
        QVERIFY(steps->isVisible());
        QVERIFY2(words->text().contains(QLatin1String("Space")), qPrintable(words->text()));
        desk.window().goTo(app::MainWindow::Listen);
        QVERIFY(desk.hearAll());
        QVERIFY(desk.idle());
        QVERIFY2(words->text().contains(QLatin1String("Enter makes and logs the cut")), qPrintable(words->text()));
        desk.window().goTo(app::MainWindow::Correct);
        desk.settle();
        desk.key(Qt::Key_Return);
        QVERIFY(waitFor([&] { return desk.document().book()->cuts().size() == 1; }));
        QVERIFY(desk.idle());
        QVERIFY2(!words->text().contains(QLatin1String("Enter makes and logs the cut")), qPrintable(words->text()));
        // A low window keeps them away, and put away they stay so until they are asked for.
        desk.window().resize(1280, 680);
        desk.settle();
        QVERIFY(!steps->isVisible() || steps->height() >= steps->layout()->totalHeightForWidth(steps->width()));
        desk.window().resize(1280, 900);
        desk.settle();
        QVERIFY(steps->isVisible());
        desk.click("firstStepsAway");
        QVERIFY(!steps->isVisible());
        desk.window().goTo(app::MainWindow::Listen);
        desk.settle();
        QVERIFY(!steps->isVisible());
        QSettings().remove(QStringLiteral("firstSteps"));
    }
    void whatComesByItselfIsReadOut()
    {
        // Offscreen nobody listens to the alerts; the places that they come from have the words as their names.
        Desk desk;
        desk.window().goTo(app::MainWindow::Listen);
        const auto* strip = desk.find<QWidget>("takeStrip");
        static const QRegularExpression form(
            QStringLiteral("^([A-G][#0-9]+): [0-9.]+ cents (flat|sharp), give or take [0-9.]+$"));
        QSet<QString> told;
        const std::size_t notes = desk.document().book()->present().spec().fingerings.size();
        for (std::size_t i = 0; i < notes; ++i) {
            desk.key(Qt::Key_Space);
            QVERIFY(waitFor([&] { return desk.readings() == i + 1; }));
            QVERIFY(desk.idle());
            const auto read = form.match(strip->accessibleName());
            QVERIFY2(read.hasMatch(), qPrintable(strip->accessibleName()));
            told << read.captured(1);
        }
        QCOMPARE(static_cast<std::size_t>(told.size()), notes);
        desk.window().goTo(app::MainWindow::Correct);
        QVERIFY(desk.idle());
        const auto* what = desk.find<QLabel>("cardWhat");
        EVENTUALLY(what->accessibleName().contains(what->text()) && what->accessibleName().contains(QStringLiteral("mm")));
    }
    void whatStandsStillIsDrawnAnewWhenItIsAnother()
    {
        // A picture keeps its ground: each change must show as on a picture that never had another.
        const auto shown = [](app::Workpiece& w) {
            w.resize(900, 170);
            return w.grab().toImage();
        };
        Desk desk;
        const InstrumentSpec first = desk.document().book()->present().spec();
        const std::function<void(InstrumentSpec&)> changes[] = {
            [](InstrumentSpec& s) { s.bore.front().diameter = s.bore.front().diameter * 0.9; },
            [](InstrumentSpec& s) { s.wall = s.wall * 1.5; },
            [](InstrumentSpec& s) { std::get<Duct>(s.excitation).windowLength = Metres::fromMillimetres(9.0); },
            [](InstrumentSpec& s) {
                s.nodes = {{Metres::fromMillimetres(60.0), false}};
            },
            [](InstrumentSpec& s) {
                s.nodes = {{Metres::fromMillimetres(60.0), true}};
            },
            [](InstrumentSpec& s) {
                s.footPiece = FootPiece{Metres::fromMillimetres(20.0), Metres::fromMillimetres(24.0), true};
            },
            [](InstrumentSpec& s) {
                s.footPiece = FootPiece{Metres::fromMillimetres(20.0), Metres::fromMillimetres(24.0), false};
            }};
        app::Workpiece kept;
        kept.setInstrument(Instrument::make(first).value());
        QImage before = shown(kept);
        for (const auto& change : changes) {
            InstrumentSpec spec = first;
            change(spec);
            const Instrument other = Instrument::make(spec).value();
            app::Workpiece fresh;
            fresh.setInstrument(other);
            kept.setInstrument(other);
            const QImage now = shown(kept);
            QVERIFY(now == shown(fresh));
            QVERIFY(now != before);
            before = now;
        }
        app::Style(true).apply();
        QVERIFY(shown(kept) != before);
        app::Style(false).apply();
        app::PictureNote note;
        note.name = QStringLiteral("D5");
        note.heard = true;
        app::TuningPicture tuning(app::systemTime());
        tuning.resize(500, 300);
        tuning.setNotes({note});
        const QImage narrow = tuning.grab().toImage();
        note.tolerance = 9.0;
        tuning.setNotes({note});
        QVERIFY(tuning.grab().toImage() != narrow);
    }
    void theGuidesPicturesAreDrawnInEveryLook()
    {
        Desk desk;
        for (const char* name : {"parts", "hole", "workpiece", "edge", "fingering", "timbre", "tuning"}) {
            const QImage light = app::guideFigure(QLatin1String(name), 460, 1.0);
            QVERIFY2(light.width() <= 460 && light.height() > 80, name);
            QSet<QRgb> inks;
            for (int y = 0; y < light.height(); ++y)
                for (int x = 0; x < light.width(); ++x)
                    inks.insert(light.pixel(x, y));
            QVERIFY2(inks.size() > 20, name); // drawn, with its edges smoothed
            app::Style(true).apply();
            const QImage dark = app::guideFigure(QLatin1String(name), 460, 1.0);
            app::Style(false).apply();
            QCOMPARE(dark.size(), light.size());
            QVERIFY2(qGray(dark.pixel(1, 1)) < 100 && qGray(light.pixel(1, 1)) > 200, name);
            if (const QString folder = qEnvironmentVariable("DOWEL_LOOK"); !folder.isEmpty())
                light.save(QStringLiteral("%1/figure-%2.png").arg(folder, QLatin1String(name)));
        }
        QVERIFY(app::guideFigure(QStringLiteral("nothing"), 460, 1.0).isNull());
    }
    void theLooksHaveContrast()
    {
        // WCAG 2.1: 1.4.3 text 4.5 to 1, 1.4.6 enhanced 7 to 1, 1.4.11 graphical objects 3 to 1.
        using Look = app::Style::Look;
        for (const Look look : {Look::Light, Look::Dark, Look::Contrast}) {
            const app::Style style(look);
            const app::Colours& c = style.colours();
            const double text = look == Look::Contrast ? 7.0 : 4.5;
            for (const QColor& ground : {c.paper, c.sheet}) {
                QVERIFY(contrast(c.ink, ground) >= 7.0);
                QVERIFY2(contrast(c.pencil, ground) >= text, qPrintable(QString::number(contrast(c.pencil, ground))));
                for (const QColor& sign : {c.warm, c.cool})
                    QVERIFY2(contrast(sign, ground) >= text, qPrintable(QString::number(contrast(sign, ground))));
            }
            QVERIFY(contrast(c.sheet, c.cool) >= 4.5); // the words on a main button
        }
    }
    void aBoxIsSeenInEveryLookAndItsTickToo()
    {
        // WCAG 2.1, 1.4.11: what is needed to know a control has 3 to 1 against what is beside it.
        using Look = app::Style::Look;
        app::Style::loadFonts();
        for (const Look look : {Look::Light, Look::Dark, Look::Contrast}) {
            app::Style(look).apply();
            const QColor ground = app::Style::current().colours().paper;
            const auto strongest = [&](Qt::CheckState state) {
                QCheckBox box;
                box.setPalette(QApplication::palette());
                box.setCheckState(state);
                box.resize(box.sizeHint());
                const QImage image = box.grab().toImage();
                double most = 1.0;
                double inked = 0.0;
                for (int y = 0; y < image.height(); ++y)
                    for (int x = 0; x < std::min(image.width(), 20); ++x) {
                        const double there = contrast(image.pixelColor(x, y), ground);
                        most = std::max(most, there);
                        inked += there > 3.0 ? 1.0 : 0.0;
                    }
                return std::pair(most, inked);
            };
            const auto [edge, empty] = strongest(Qt::Unchecked);
            const auto [tick, ticked] = strongest(Qt::Checked);
            QVERIFY2(edge >= 3.0, qPrintable(QString::number(edge)));
            QVERIFY2(tick >= 4.5 && ticked > empty + 8.0, qPrintable(QStringLiteral("%1 and %2").arg(empty).arg(ticked)));
        }
        app::Style(Look::Light).apply();
    }
    void theHighContrastLookIsChosenAndKept()
    {
        Desk desk;
        desk.key(Qt::Key_D, Qt::ControlModifier | Qt::ShiftModifier);
        QCOMPARE(app::Style::current().colours().paper, QColor(255, 255, 255));
        QVERIFY(QSettings().value(QStringLiteral("contrast")).toBool());
        desk.key(Qt::Key_D, Qt::ControlModifier); // dark takes its place
        QVERIFY(app::Style::current().dark());
        QVERIFY(!QSettings().value(QStringLiteral("contrast")).toBool());
        desk.window().setLook(app::Style::Look::Light);
    }
    void typeGrowsWithTheDesktop()
    {
        app::Style::setTextScale(1.5);
        {
            Desk desk;
            QCOMPARE(app::Style::body().pixelSize(), 23);
            QCOMPARE(desk.find<QListWidget>("stages")->font().family(), app::Style::body().family());
            // Rows grow with what stands in them.
            const auto* table = desk.find<QTableView>("readingTable");
            QVERIFY(table->rowHeight(0) >= QFontMetrics(app::Style::body()).height());
        }
        app::Style::setTextScale(1.0);
        QCOMPARE(app::Style::body().pixelSize(), 15);
    }
};

DOWEL_TEST(TestGuiAccess)
#include "test_gui_access.moc"
