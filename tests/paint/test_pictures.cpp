#include "demo/pictures.h"
#include "formats/archive.h"
#include "paint/make_picture.h"
#include "paint/read_picture.h"

#include "support.h"

#include <QBuffer>
#include <QColorSpace>
#include <QGuiApplication>
#include <QImage>
#include <QImageWriter>
#include <QLoggingCategory>

#include <random>

using namespace vitrail;
using namespace vitrail::test;

namespace {

/// Red, green, blue, white in the corners, each so many dots wide.
QImage corners(int each = 8) {
    QImage image(2 * each, 2 * each, QImage::Format_RGB32);
    for (int y = 0; y < image.height(); ++y)
        for (int x = 0; x < image.width(); ++x)
            image.setPixel(x, y,
                           y < each ? (x < each ? qRgb(200, 30, 30) : qRgb(30, 200, 30))
                                    : (x < each ? qRgb(30, 30, 200) : qRgb(240, 240, 240)));
    return image;
}

QByteArray written(const QImage& image, const char* format, int quality = 100,
                   QImageIOHandler::Transformations turned = QImageIOHandler::TransformationNone) {
    QByteArray bytes;
    QBuffer buffer(&bytes);
    buffer.open(QIODevice::WriteOnly);
    QImageWriter writer(&buffer, format);
    writer.setQuality(quality);
    writer.setTransformation(turned);
    return writer.write(image) ? bytes : QByteArray();
}

bool near_to(Srgb a, QRgb b, int off) {
    return std::abs(a.r - qRed(b)) <= off && std::abs(a.g - qGreen(b)) <= off &&
           std::abs(a.b - qBlue(b)) <= off;
}

} // namespace

/// Pictures as files bring them.
class TestPictures : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void every_format();
    void turned_as_the_file_says();
    void profile_to_srgb();
    void transparent_on_a_ground();
    void drawn_pictures();
    void broken_and_giant_are_refused();
    void damaged_never_crash();
    void demo_pictures_are_what_the_program_makes();
    void text_is_drawn();
};

void TestPictures::demo_pictures_are_what_the_program_makes() {
    for (const auto& [file, made] :
         {std::pair{"dusk.vitrail", demo::dusk_relief()}, {"rose-window.vitrail", demo::rose_panel()}}) {
        QVERIFY2(made, file);
        const auto kept = load_project(source_file(std::string("demo/") + file));
        QVERIFY2(kept, file);
        QCOMPARE(*kept->picture->bytes, *made->picture->bytes);
        QVERIFY(*kept->picture->dots == *made->picture->dots);
        QVERIFY(kept->picture->bands == made->picture->bands &&
                kept->picture->stacks == made->picture->stacks);
        // Made anew from the file's picture it is the same.
        const auto again = picture_made(*kept);
        QVERIFY(again && *again->picture->dots == *kept->picture->dots);
        QVERIFY2(kept->picture->figures.mean_delta_e < 9, file);
    }
    // Five filaments on four slots; changes between layers only.
    const auto plan = plan_of(*load_project(source_file("demo/dusk.vitrail")));
    QCOMPARE(plan->totals.changes, 4);
    QVERIFY(std::none_of(plan->changes.begin(), plan->changes.end(),
                         [](const Change& c) { return c.within_layer; }));
}

void TestPictures::text_is_drawn() {
    Picture picture;
    picture.dot_mm = 0.2;
    QCOMPARE(drawn_text(picture).width, 0);
    picture.prepare.text = "Saltmarsh Light";
    picture.prepare.text_mm = 5;
    const Raster text = drawn_text(picture);
    QVERIFY(text.height >= 25 && text.height <= 40 && text.width > 4 * text.height);
    int inked = 0;
    for (const Srgb c : text.dots)
        inked += c.r > 128;
    const double share = inked / static_cast<double>(text.dots.size());
    QVERIFY(share > 0.08 && share < 0.5);
    QVERIFY(to_image(text).size() == QSize(text.width, text.height));
    QCOMPARE(picture_name("/home/somebody/dusk \n.png"), std::string("dusk  .png"));
}

void TestPictures::every_format() {
    const QImage image = corners();
    for (const auto& [format, off] : {std::pair{"png", 0}, {"tiff", 0}, {"webp", 12}, {"jpeg", 12}}) {
        const QByteArray bytes = written(image, format);
        QVERIFY2(!bytes.isEmpty(), format); // the writer is there: packages.txt brings it
        const auto picture = read_picture(bytes);
        QVERIFY2(picture, format);
        QVERIFY(picture->width == 16 && picture->height == 16);
        for (const auto& [x, y] : {std::pair{3, 3}, {12, 3}, {3, 12}, {12, 12}})
            QVERIFY2(near_to(picture->at(x, y), image.pixel(x, y), off), format);
    }
}

void TestPictures::turned_as_the_file_says() {
    const QImage image = corners().copy(0, 0, 16, 12);
    const auto picture = read_picture(written(image, "jpeg", 100, QImageIOHandler::TransformationRotate90));
    QVERIFY(picture);
    QVERIFY(picture->width == 12 && picture->height == 16); // a camera held upright
    QVERIFY(near_to(picture->at(9, 3), image.pixel(3, 3),
                    12)); // turned clockwise: what was upper left is upper right
}

void TestPictures::profile_to_srgb() {
    QImage image(4, 4, QImage::Format_RGB32);
    image.fill(qRgb(255, 0, 0));
    image.setColorSpace(QColorSpace(QColorSpace::DisplayP3));
    const auto wide = read_picture(written(image, "png"));
    QVERIFY(wide);
    QVERIFY(wide->dots[0].r == 255 && wide->dots[0].g <= 3 &&
            wide->dots[0].b <= 3); // a redder red than sRGB has: clipped
    image.fill(qRgb(120, 160, 90));
    const auto moved = read_picture(written(image, "png"));
    QVERIFY(moved);
    // DisplayP3 has sRGB's curve and D65; by its primaries' matrix (SMPTE EG 432-1) to sRGB's, 120, 160, 90
    // is 108, 161, 80.
    QVERIFY2(near_to(moved->dots[0], qRgb(108, 161, 80), 1), to_hex(moved->dots[0]).c_str());
}

void TestPictures::transparent_on_a_ground() {
    QImage image(2, 1, QImage::Format_ARGB32);
    image.setPixel(0, 0, qRgba(200, 0, 0, 0));
    image.setPixel(1, 0, qRgba(200, 100, 0, 128));
    const QByteArray bytes = written(image, "png");
    QCOMPARE(to_hex(read_picture(bytes)->dots[0]), std::string("#ffffff"));
    QCOMPARE(to_hex(read_picture(bytes, {0x10, 0x20, 0x30})->dots[0]), std::string("#102030"));
    QVERIFY(near_to(read_picture(bytes, {0, 0, 0})->dots[1], qRgb(100, 50, 0), 1));
}

void TestPictures::drawn_pictures() {
    const auto picture = read_picture("<svg xmlns='http://www.w3.org/2000/svg' width='20' height='10'><rect "
                                      "width='10' height='10' fill='#b82e28'/></svg>");
    QVERIFY(picture);
    QVERIFY(picture->width == kVectorWidth && picture->height == kVectorWidth / 2);
    QCOMPARE(to_hex(picture->at(100, 500)), std::string("#b82e28"));
    QCOMPARE(to_hex(picture->at(1900, 500)), std::string("#ffffff"));
}

void TestPictures::broken_and_giant_are_refused() {
    const auto says = [](const QByteArray& bytes, const char* what) {
        const auto picture = read_picture(bytes);
        return !picture && english(picture.error().message).find(what) != std::string::npos;
    };
    QVERIFY(says({}, "empty"));
    QVERIFY(says("solid cube\nfacet normal 0 0 1", "no picture"));
    const QByteArray png = written(corners(400), "png");
    QVERIFY(says(png.left(60), "damaged") || says(png.left(60), "cannot be read"));
    // A head that promises 60,000 by 60,000 dots: refused before anything is taken for it.
    QByteArray giant = written(corners(), "png");
    for (const int at : {16, 20})
        giant.replace(at, 4, QByteArray("\x00\x00\xea\x60", 4));
    QVERIFY(says(giant, "more than the 50 million") || says(giant, "damaged"));
}

void TestPictures::damaged_never_crash() {
    QLoggingCategory::setFilterRules(QStringLiteral(
        "qt.gui.imageio*=false\nqt.imageformats*=false")); // they say much about what is damaged
    std::mt19937 rng(7);
    const QImage image = corners(20);
    const int rounds = qEnvironmentVariableIntValue("VITRAIL_FUZZ_ROUNDS") > 0 ? 400 : 60;
    for (const char* format : {"png", "jpeg", "webp", "tiff"}) {
        const QByteArray whole = written(image, format);
        for (int round = 0; round < rounds; ++round) {
            QByteArray bytes =
                round % 2 ? whole
                          : whole.left(static_cast<qsizetype>(rng() % static_cast<unsigned>(whole.size())));
            for (unsigned n = 0; n < 1 + rng() % 6 && !bytes.isEmpty(); ++n)
                bytes[static_cast<qsizetype>(rng() % static_cast<unsigned>(bytes.size()))] =
                    static_cast<char>(rng());
            if (const auto picture = read_picture(bytes)) // whatever comes of it is a picture, or a sentence
                QCOMPARE(picture->dots.size(), static_cast<std::size_t>(picture->width) *
                                                   static_cast<std::size_t>(picture->height));
        }
    }
}

VITRAIL_TEST(TestPictures)
#include "test_pictures.moc"
