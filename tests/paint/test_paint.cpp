#include "paint/filament_paint.h"
#include "paint/photograph.h"
#include "paint/sheet_paint.h"
#include "paint/thumbnail.h"

#include "demo/scenario.h"
#include "formats/files.h"
#include "support.h"

#include <QGuiApplication>
#include <QImage>
#include <QPainter>
#include <QProcess>
#include <QRegularExpression>
#include <QTemporaryDir>

using namespace vitrail;
using namespace vitrail::test;

/// How filaments and sheets are drawn, read back from the pixels.
class TestPaint : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void fonts_ship_with_the_program();
    void ink_stands_out();
    void equal_colours_differ_by_hatch();
    void badge_shows_on_any_ground();
    void sheet_breaks_into_pages();
    void every_change_is_on_a_page();
    void pdf_has_all_pages();
    void pdf_is_whole_or_not_at_all();
    void thumbnail_shows_the_colours();
    void thumbnail_of_nothing();
    void photographs_are_made_smaller();
};

namespace {

QImage pane(char letter, const char* colour) {
    QImage image(64, 64, QImage::Format_ARGB32);
    image.fill(Qt::magenta);
    QPainter p(&image);
    paint_pane(p, image.rect(), pla(letter, colour));
    return image;
}

int differing(const QImage& a, const QImage& b) {
    int n = 0;
    for (int y = 0; y < a.height(); ++y)
        for (int x = 0; x < a.width(); ++x)
            n += a.pixel(x, y) != b.pixel(x, y);
    return n;
}

/// Whether any pixel comes near the colour.
bool shows(const QImage& image, QColor c, int tolerance) {
    for (int y = 0; y < image.height(); ++y)
        for (int x = 0; x < image.width(); ++x) {
            const QColor p = image.pixelColor(x, y);
            if (p.alpha() > 128 && std::abs(p.red() - c.red()) + std::abs(p.green() - c.green()) +
                                           std::abs(p.blue() - c.blue()) <
                                       tolerance)
                return true;
        }
    return false;
}

} // namespace

void TestPaint::fonts_ship_with_the_program() {
    QCOMPARE(load_fonts(), QString("Inter"));
}

void TestPaint::ink_stands_out() {
    // WCAG 2.1 AA for text: 4.5 : 1. Black or white reaches it on every colour.
    for (int r = 0; r < 256; r += 17)
        for (int g = 0; g < 256; g += 17)
            for (int b = 0; b < 256; b += 51) {
                const QColor c(r, g, b);
                QVERIFY(contrast_ratio(to_srgb(ink_on(c)), to_srgb(c)) >= 4.5);
            }
}

void TestPaint::equal_colours_differ_by_hatch() {
    // Two greys, or a colour-blind eye, never confuse two filaments.
    for (char a = 'A'; a <= 'P'; ++a)
        for (char b = static_cast<char>(a + 1); b <= 'P'; ++b) {
            const int n = differing(pane(a, "#808080"), pane(b, "#808080"));
            QVERIFY2(n > 64,
                     qPrintable(QString("%1 and %2 differ in %3 pixels").arg(QChar(a)).arg(QChar(b)).arg(n)));
        }
    QCOMPARE(differing(pane('C', "#808080"), pane('C', "#808080")), 0);
    // The pane still has its colour.
    QVERIFY(shows(pane('A', "#b82e28"), QColor(0xb8, 0x2e, 0x28), 6));
}

void TestPaint::badge_shows_on_any_ground() {
    for (const char* colour : {"#000000", "#ffffff", "#808080", "#b82e28"}) {
        const QColor c(QString::fromLatin1(colour));
        QImage image(40, 40, QImage::Format_ARGB32);
        image.fill(c); // the worst ground: its own colour
        {
            QPainter p(&image);
            paint_badge(p, image.rect(), 'W', c, QGuiApplication::font());
        }
        double most = 1;
        for (int y = 0; y < 40; ++y)
            for (int x = 0; x < 40; ++x)
                most = std::max(most, contrast_ratio(to_srgb(image.pixelColor(x, y)), to_srgb(c)));
        QVERIFY2(most >= 4.5, colour);
    }
}

void TestPaint::sheet_breaks_into_pages() {
    const Project few = stack("AB", 2.0), many = row("AB", 20.0);
    QVERIFY(SheetPages(make_run_sheet(few, *plan_of(few))).count() <= 2);
    const SheetPages pages(make_run_sheet(many, *plan_of(many)));
    QVERIFY(pages.count() >= 5); // a hundred changes
    // Every page has something on it, and nothing reaches into the margin at the foot.
    for (int i = 0; i < pages.count(); ++i) {
        QImage image(pages.page_size().toSize(), QImage::Format_RGB32);
        image.fill(Qt::white);
        QPainter p(&image);
        pages.paint(p, i);
        p.end();
        int inked = 0, foot = 0;
        for (int y = 0; y < image.height(); ++y)
            for (int x = 0; x < image.width(); x += 2) {
                const bool ink = image.pixelColor(x, y).lightness() < 200;
                inked += ink;
                foot += ink && y > image.height() - 30;
            }
        QVERIFY(inked > 300);
        QCOMPARE(foot, 0);
    }
}

void TestPaint::every_change_is_on_a_page() {
    QTemporaryDir dir;
    const Project p = row("AB", 6.0);
    const auto plan = plan_of(p);
    const std::string path = dir.filePath("sheet.pdf").toStdString();
    QVERIFY(write_sheet_pdf(make_run_sheet(p, *plan), path));
    QProcess text;
    text.start("pdftotext", {"-layout", QString::fromStdString(path), "-"});
    QVERIFY(text.waitForFinished());
    const QString words = QString::fromUtf8(text.readAllStandardOutput());
    for (const Change& c : plan->changes) {
        QVERIFY2(words.contains(QString("within layer %1").arg(c.layer)),
                 qPrintable(QString::number(c.layer)));
        QVERIFY(words.contains(
            shown(QString("layer %1 ends at %2 mm").arg(c.layer).arg(c.z_after_mm, 0, 'f', 2))));
    }
}

void TestPaint::pdf_has_all_pages() {
    QTemporaryDir dir;
    const Project p = row("AB", 12.0);
    const RunSheet sheet = make_run_sheet(p, *plan_of(p));
    const QString path = dir.filePath("sheet.pdf");
    QVERIFY(write_sheet_pdf(sheet, path.toStdString()));
    QProcess info;
    info.start("pdfinfo", {path});
    QVERIFY(info.waitForFinished());
    const QString said = QString::fromUtf8(info.readAllStandardOutput());
    QVERIFY2(said.contains(QRegularExpression(QString("Pages:\\s+%1\\b").arg(SheetPages(sheet).count()))),
             qPrintable(said));
    QVERIFY(said.contains("A4"));
}

void TestPaint::pdf_is_whole_or_not_at_all() {
    const Project p = stack("AB", 2.0);
    const Status s = write_sheet_pdf(make_run_sheet(p, *plan_of(p)), "/no/such/folder/sheet.pdf");
    QVERIFY(!s);
    QVERIFY(!s.error().message.empty());
}

void TestPaint::thumbnail_shows_the_colours() {
    const auto p = demo::lighthouse();
    const std::string png = thumbnail_png(*p);
    const QImage image = QImage::fromData(QByteArray::fromStdString(png), "PNG");
    QCOMPARE(image.size(), QSize(256, 256));
    QCOMPARE(image.pixelColor(1, 1).alpha(), 0); // transparent ground
    for (const Filament& f : p->filaments) {
        // As lit from the front: somewhat darker than the filament, bands included.
        const QColor c = to_qcolor(f.colour),
                     lit(int(c.red() * 0.75), int(c.green() * 0.75), int(c.blue() * 0.75));
        QVERIFY2(shows(image, lit, 70), f.name.c_str());
    }
    QCOMPARE(thumbnail_png(*p), png);
}

void TestPaint::thumbnail_of_nothing() {
    const QImage image = QImage::fromData(QByteArray::fromStdString(thumbnail_png(Project{})), "PNG");
    QCOMPARE(image.size(), QSize(256, 256));
    QCOMPARE(image.pixelColor(128, 128).alpha(), 0);
}

void TestPaint::photographs_are_made_smaller() {
    QTemporaryDir dir;
    QImage image(3000, 1000, QImage::Format_RGB32);
    image.fill(Qt::blue);
    QVERIFY(image.save(dir.filePath("big.png")));
    const auto kept = photograph_to_keep(*read_file(dir.filePath("big.png").toStdString()));
    QVERIFY(bool(kept));
    QCOMPARE(photograph_image(*kept).size(), QSize(1600, 533));
    QVERIFY(photograph_png(*kept).starts_with("\x89PNG"));
    QVERIFY(!photograph_to_keep("no picture"));
    QVERIFY(photograph_png("no picture").empty());
    PrintRecord r;
    r.photographs = {"front"};
    QCOMPARE(free_photograph_name(r, "front"), std::string("front-2"));
}

VITRAIL_TEST(TestPaint)
#include "test_paint.moc"
