#include "core/picture/wedge.h"

#include "support.h"

#include <random>

using namespace vitrail;
using namespace vitrail::test;

namespace {

/// A photograph of a wedge, rendered: known optics, tilt, uneven light, a wrong white balance, a bent tone
/// curve, noise.
struct Camera {
    Optics optics{{0.8, 2.5, 6}, {4, 3.5, 3}};
    WedgePlan plan;
    Channels white{0.86, 0.85, 0.80}, black{0.03, 0.03, 0.035};
    double uneven = 0, noise = 0, bend = 1, tilt = 0;
    Channels balance{1, 1, 1};
    int smear = 0; ///< field over white with a smear on it

    static constexpr int kWidth = 900, kHeight = 620;
    WedgeMarks marks() const {
        WedgeMarks m;
        m.corners = {{{120 + 30 * tilt, 90 + 50 * tilt},
                      {780 - 20 * tilt, 90 - 10 * tilt},
                      {790 - 60 * tilt, 390 + 20 * tilt},
                      {110, 390 - 15 * tilt}}};
        m.white = PhotoPoint{250, 500};
        m.grey = PhotoPoint{600, 510};
        return m;
    }
    /// The plane's coordinates of a dot, by solving for the corners' own perspective numerically.
    Raster photo(unsigned seed) const {
        std::mt19937 rng(seed);
        std::normal_distribution<double> grain(0, noise);
        const WedgeMarks m = marks();
        Raster out{kWidth, kHeight, std::vector<Srgb>(std::size_t{kWidth} * kHeight)};
        for (int y = 0; y < kHeight; ++y)
            for (int x = 0; x < kWidth; ++x) {
                Channels r{0.25, 0.25, 0.25}; // the table
                double u = 0.5, v = 0.5;
                if (std::abs(x - 250) < 60 && std::abs(y - 500) < 45)
                    r = {0.9, 0.9, 0.9};
                else if (std::abs(x - 600) < 60 && std::abs(y - 510) < 45)
                    r = {0.18, 0.18, 0.18};
                else {
                    find(m.corners, x + 0.5, y + 0.5, u, v);
                    if (u > 0 && u < 1 && v > 0 && v < 1)
                        r = field(static_cast<int>(v * 4), static_cast<int>(u * plan.columns()));
                }
                const double light =
                    0.75 * (1 + uneven * ((x - kWidth / 2.0) / kWidth + 0.6 * (y - kHeight / 2.0) / kHeight -
                                          std::pow((x - kWidth / 2.0) / kWidth, 2)));
                LinearRgb c{r[0] * light * balance[0], r[1] * light * balance[1], r[2] * light * balance[2]};
                for (double* value : {&c.r, &c.g, &c.b})
                    *value = std::clamp(std::pow(*value, bend) + grain(rng), 0.0, 1.0);
                out.dots[static_cast<std::size_t>(y) * kWidth + static_cast<std::size_t>(x)] = to_srgb(c);
            }
        return out;
    }

private:
    Channels field(int row, int column) const {
        const int k = column > plan.steps ? 0 : column;
        if (row == 0 || row == 3)
            return white;
        const Channels backing = row == 2 ? black : white;
        if (smear && row == 1 && column == smear)
            return {0.4, 0.4, 0.4};
        return k ? seen_over(sheet_of(optics, k * plan.layer_mm), backing) : backing;
    }
    /// Newton on the bilinear-free way: the perspective of a square onto four corners (Heckbert 1989).
    static void find(const std::array<PhotoPoint, 4>& c, double x, double y, double& u, double& v) {
        const double dx1 = c[1].x - c[2].x, dx2 = c[3].x - c[2].x, sx = c[0].x - c[1].x + c[2].x - c[3].x;
        const double dy1 = c[1].y - c[2].y, dy2 = c[3].y - c[2].y, sy = c[0].y - c[1].y + c[2].y - c[3].y;
        const double det = dx1 * dy2 - dx2 * dy1, g = (sx * dy2 - dx2 * sy) / det,
                     h = (dx1 * sy - sx * dy1) / det;
        const double a = c[1].x - c[0].x + g * c[1].x, b = c[3].x - c[0].x + h * c[3].x,
                     d = c[1].y - c[0].y + g * c[1].y, e = c[3].y - c[0].y + h * c[3].y;
        // x(gu + hv + 1) = au + bv + x0, and so for y.
        const double m00 = a - g * x, m01 = b - h * x, m10 = d - g * y, m11 = e - h * y, r0 = x - c[0].x,
                     r1 = y - c[0].y, dd = m00 * m11 - m01 * m10;
        u = (r0 * m11 - m01 * r1) / dd;
        v = (m00 * r1 - r0 * m10) / dd;
    }
};

/// Whether K and S are what they were, within so many of the stated uncertainties and a per cent.
bool recovered(const WedgeFit& fit, const Optics& optics, double sds = 3) {
    for (std::size_t c = 0; c < 3; ++c)
        if (std::abs(fit.optics.k[c] - optics.k[c]) > sds * fit.k_sd[c] + 0.01 * optics.k[c] ||
            std::abs(fit.optics.s[c] - optics.s[c]) > sds * fit.s_sd[c] + 0.01 * optics.s[c])
            return false;
    return true;
}

} // namespace

class TestWedge : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void a_clean_photo();
    void tilt_light_and_balance();
    void bent_tones();
    void uncertainty_is_honest();
    void a_smear_is_named();
    void without_patches();
    void the_wedge_to_print();
    void what_cannot_be_read();
};

void TestWedge::a_clean_photo() {
    const Camera camera;
    const auto fit = read_wedge(camera.photo(1), camera.plan, camera.marks());
    QVERIFY(fit);
    for (std::size_t c = 0; c < 3; ++c) {
        COMPARE_NEAR(fit->optics.k[c], camera.optics.k[c], 0.03 * camera.optics.k[c]);
        COMPARE_NEAR(fit->optics.s[c], camera.optics.s[c], 0.03 * camera.optics.s[c]);
        COMPARE_NEAR(fit->white[c], camera.white[c], 0.01);
        COMPARE_NEAR(fit->black[c], camera.black[c], 0.005);
    }
    QVERIFY(fit->rms < 0.003 && fit->unevenness < 0.02);
    COMPARE_NEAR(fit->gamma, 1, 0.02);
    QVERIFY(
        std::none_of(fit->fields.begin(), fit->fields.end(), [](const WedgeField& f) { return f.outlier; }));
}

void TestWedge::tilt_light_and_balance() {
    for (const Optics& optics : {Optics{{0.8, 2.5, 6}, {4, 3.5, 3}}, Optics{{0.05, 0.06, 0.1}, {6, 6, 6}},
                                 Optics{{12, 9, 4}, {2, 2, 2.5}}}) {
        Camera camera;
        camera.optics = optics;
        camera.tilt = 1;
        camera.uneven = 0.35;
        camera.balance = {1.1, 0.95, 0.7};
        camera.noise = 0.004;
        const auto fit = read_wedge(camera.photo(2), camera.plan, camera.marks());
        QVERIFY(fit);
        QVERIFY2(recovered(*fit, optics), qPrintable(QStringLiteral("K %1 ± %2, S %3 ± %4")
                                                         .arg(fit->optics.k[0])
                                                         .arg(fit->k_sd[0])
                                                         .arg(fit->optics.s[0])
                                                         .arg(fit->s_sd[0])));
        QVERIFY(fit->unevenness > 0.05);
    }
}

void TestWedge::bent_tones() {
    Camera camera;
    camera.bend = 1.15; // some cameras add contrast
    const auto fit = read_wedge(camera.photo(3), camera.plan, camera.marks());
    QVERIFY(fit);
    COMPARE_NEAR(fit->gamma, 1 / 1.15, 0.02);
    QVERIFY(recovered(*fit, camera.optics));
}

void TestWedge::uncertainty_is_honest() {
    // Over many photographs the stated uncertainty is not much below how the results scatter, and they
    // scatter about what is right. It may be larger: the doubt about the white patch is the same in all of
    // them.
    Camera camera;
    camera.noise = 0.02;
    camera.uneven = 0.2;
    constexpr int kPhotos = 12;
    double stated = 0;
    std::vector<double> ks;
    for (unsigned n = 0; n < kPhotos; ++n) {
        const auto fit = read_wedge(camera.photo(100 + n), camera.plan, camera.marks());
        QVERIFY(fit);
        ks.push_back(fit->optics.k[1]);
        stated += fit->k_sd[1] / kPhotos;
    }
    const double mean = std::accumulate(ks.begin(), ks.end(), 0.0) / kPhotos;
    double squares = 0;
    for (const double k : ks)
        squares += (k - mean) * (k - mean) / (kPhotos - 1);
    QVERIFY2(stated > 0.4 * std::sqrt(squares),
             qPrintable(QStringLiteral("stated %1, is %2").arg(stated).arg(std::sqrt(squares))));
    COMPARE_NEAR(mean, camera.optics.k[1], 0.03 * camera.optics.k[1]);
}

void TestWedge::a_smear_is_named() {
    Camera camera;
    camera.smear = 3;
    const auto fit = read_wedge(camera.photo(4), camera.plan, camera.marks());
    QVERIFY(fit);
    for (const WedgeField& f : fit->fields)
        QCOMPARE(f.outlier, f.layers == 3 && !f.over_black);
    QVERIFY(recovered(*fit, camera.optics));
}

void TestWedge::without_patches() {
    Camera camera;
    camera.balance = {0.8, 1, 0.9};
    WedgeMarks marks = camera.marks();
    marks.white.reset();
    marks.grey.reset();
    marks.base_white =
        to_srgb(LinearRgb{camera.white[0], camera.white[1], camera.white[2]}); // its colour is known
    const auto fit = read_wedge(camera.photo(5), camera.plan, marks);
    QVERIFY(fit);
    QVERIFY(recovered(*fit, camera.optics));
}

void TestWedge::the_wedge_to_print() {
    WedgePlan plan;
    plan.steps = 6;
    Settings s;
    s.first_layer_mm = 0.16;
    const auto p = wedge_project(plan, pla('D', "#2f6db5"), pla('A', "#f2f2ea"), pla('B', "#141824"), s,
                                 *find_machine("feeder-4"));
    QVERIFY(p);
    QCOMPARE(p->filaments.size(), std::size_t{3});
    const auto volume = [&](int part) {
        return volume_mm3(*p->pieces[0].parts[static_cast<std::size_t>(part)].mesh);
    };
    const double base_mm = 0.16 + 11 * 0.08;
    COMPARE_NEAR(volume(0), 8 * 8 * 3 * 8 * base_mm, 0.5);
    COMPARE_NEAR(volume(1), 8 * 8 * 8 * base_mm, 0.5);
    COMPARE_NEAR(volume(2), 2 * (1 + 2 + 3 + 4 + 5 + 6) * 64 * 0.08, 0.5);
    const auto plan_made = plan_of(*p);
    QVERIFY(plan_made);
    QCOMPARE(plan_made->grid.count, 12 + 6);
    for (const FilamentUse& u : plan_made->use)
        QVERIFY(u.model_mm3 > 0);
    plan.layer_mm = 0.9;
    QVERIFY(!wedge_project(plan, pla('D', "#2f6db5"), pla('A', "#f2f2ea"), pla('B', "#141824"), s,
                           *find_machine("feeder-4")));
}

void TestWedge::what_cannot_be_read() {
    const Camera camera;
    const Raster photo = camera.photo(6);
    const auto says = [&](const WedgeMarks& marks, const char* what, const Raster& of) {
        const auto fit = read_wedge(of, camera.plan, marks);
        return !fit && english(fit.error().message).find(what) != std::string::npos;
    };
    WedgeMarks marks = camera.marks();
    std::swap(marks.corners[1], marks.corners[3]);
    QVERIFY(says(marks, "make no rectangle", photo));
    marks = camera.marks();
    marks.corners = {{{10, 10}, {11, 10}, {11, 11}, {10, 11}}};
    QVERIFY(says(marks, "make no rectangle", photo));
    marks = camera.marks();
    marks.corners[1].x = 2000;
    QVERIFY(says(marks, "outside the photo", photo));
    marks = camera.marks();
    std::rotate(marks.corners.begin(), marks.corners.begin() + 2, marks.corners.end()); // upside down
    QVERIFY(says(marks, "look alike", photo));
    Raster burnt = photo;
    for (Srgb& c : burnt.dots)
        c = {255, 255, 255};
    QVERIFY(says(camera.marks(), "over-exposed", burnt));
    marks = camera.marks();
    marks.white = PhotoPoint{-50, 5};
    QVERIFY(says(marks, "patch lies outside", photo));
}

VITRAIL_TEST(TestWedge)
#include "test_wedge.moc"
