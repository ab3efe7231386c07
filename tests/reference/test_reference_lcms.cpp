#include "core/colour/colour.h"
#include "core/colour/lamp.h"

#include "support.h"

#include <lcms2.h>

using namespace vitrail;

/// Our colour arithmetic against little-cms, over a grid of sRGB.
class TestReferenceLcms : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void srgb_to_lab_d50();
    void delta_e();
    void lamp_colours();
};

namespace {

template <class F>
void for_grid(F use) {
    for (int r = 0; r < 256; r += 15)
        for (int g = 0; g < 256; g += 15)
            for (int b = 0; b < 256; b += 15)
                use(Srgb{static_cast<std::uint8_t>(r), static_cast<std::uint8_t>(g),
                         static_cast<std::uint8_t>(b)});
}

} // namespace

void TestReferenceLcms::srgb_to_lab_d50() {
    // ICC profiles live under D50, so ours is adapted there too (Bradford, as in the profile little-cms
    // builds).
    const cmsHPROFILE srgb = cmsCreate_sRGBProfile(), lab = cmsCreateLab4Profile(nullptr);
    const cmsHTRANSFORM t =
        cmsCreateTransform(srgb, TYPE_RGB_DBL, lab, TYPE_Lab_DBL, INTENT_RELATIVE_COLORIMETRIC,
                           cmsFLAGS_NOOPTIMIZE | cmsFLAGS_NOCACHE);
    double worst = 0;
    for_grid([&](Srgb c) {
        const double in[3] = {c.r / 255.0, c.g / 255.0, c.b / 255.0};
        cmsCIELab theirs;
        cmsDoTransform(t, in, &theirs, 1);
        const Lab ours = to_lab(adapt_d65_to_d50(to_xyz(to_linear(c))), kD50);
        worst = std::max(worst, delta_e_2000(ours, {theirs.L, theirs.a, theirs.b}));
    });
    QVERIFY2(worst < 0.06, qPrintable(QString::number(worst)));
    cmsDeleteTransform(t);
    cmsCloseProfile(srgb);
    cmsCloseProfile(lab);
}

void TestReferenceLcms::delta_e() {
    std::vector<Lab> colours;
    for_grid([&](Srgb c) { colours.push_back(to_lab(c)); });
    for (std::size_t i = 0; i + 1 < colours.size(); ++i) {
        const Lab &a = colours[i], &b = colours[(i * 37 + 11) % colours.size()];
        const cmsCIELab x{a.l, a.a, a.b}, y{b.l, b.a, b.b};
        COMPARE_NEAR(delta_e_2000(a, b), cmsCIE2000DeltaE(&x, &y, 1, 1, 1), 1e-4);
    }
}

void TestReferenceLcms::lamp_colours() {
    for (double kelvin = 4000; kelvin <= 12000; kelvin += 125) { // theirs are daylight, from 4,000 K on
        cmsCIExyY theirs;
        QVERIFY(cmsWhitePointFromTemp(&theirs, kelvin));
        COMPARE_NEAR(cie_daylight(kelvin).x, theirs.x, 1e-5);
        COMPARE_NEAR(cie_daylight(kelvin).y, theirs.y, 1e-5);
        // And the way back finds the temperature again.
        const Chromaticity own = cie_daylight(kelvin);
        const cmsCIExyY ours{own.x, own.y, 1};
        double found = 0;
        if (kelvin >= 5000 && cmsTempFromWhitePoint(&found, &ours))
            COMPARE_NEAR(found, kelvin, 0.02 * kelvin);
    }
    for (const double kelvin :
         {2700.0, 3000.0, 3500.0}) { // black bodies: Robertson's lines, as they have them
        const Chromaticity own = black_body(kelvin);
        const cmsCIExyY ours{own.x, own.y, 1};
        double found = 0;
        QVERIFY(cmsTempFromWhitePoint(&found, &ours));
        COMPARE_NEAR(found, kelvin, 0.01 * kelvin);
    }
}

VITRAIL_TEST(TestReferenceLcms)
#include "test_reference_lcms.moc"
