#include "core/picture/wedge.h"

#include "core/geometry/made_layers.h"
#include "core/picture/make.h"
#include "core/picture/terraces.h"

#include <Eigen/LU>
#include <Eigen/QR>

#include <algorithm>
#include <cmath>
#include <numeric>

namespace vitrail {

namespace {

/// From the wedge, 0 … 1 across and down, to the photo.
class Perspective {
public:
    explicit Perspective(const std::array<PhotoPoint, 4>& c) {
        // The eight numbers of a plane seen by a camera (Hartley & Zisserman 2004, ch. 4), from four points.
        const double u[4] = {0, 1, 1, 0}, v[4] = {0, 0, 1, 1};
        Eigen::MatrixXd a = Eigen::MatrixXd::Zero(8, 8);
        Eigen::VectorXd b(8);
        for (int i = 0; i < 4; ++i) {
            const PhotoPoint& p = c[static_cast<std::size_t>(i)];
            a.row(2 * i) << u[i], v[i], 1, 0, 0, 0, -u[i] * p.x, -v[i] * p.x;
            a.row(2 * i + 1) << 0, 0, 0, u[i], v[i], 1, -u[i] * p.y, -v[i] * p.y;
            b(2 * i) = p.x, b(2 * i + 1) = p.y;
        }
        h_ = a.colPivHouseholderQr().solve(b);
    }
    PhotoPoint at(double u, double v) const {
        const double w = h_(6) * u + h_(7) * v + 1;
        return {(h_(0) * u + h_(1) * v + h_(2)) / w, (h_(3) * u + h_(4) * v + h_(5)) / w};
    }
    /// Back: where a point of the photo lies on the wedge's plane.
    PhotoPoint on_wedge(PhotoPoint p) const {
        Eigen::Matrix2d a;
        a << h_(0) - h_(6) * p.x, h_(1) - h_(7) * p.x, h_(3) - h_(6) * p.y, h_(4) - h_(7) * p.y;
        const Eigen::Vector2d uv = a.inverse() * Eigen::Vector2d(p.x - h_(2), p.y - h_(5));
        return {uv(0), uv(1)};
    }

private:
    Eigen::VectorXd h_;
};

/// Four corners in order, that bound a convex area of some size.
bool is_rectangle_seen(const std::array<PhotoPoint, 4>& c) {
    constexpr double kLeast = 400; // dots²
    double least = 1e300;
    for (std::size_t i = 0; i < 4; ++i) {
        const PhotoPoint &a = c[i], &b = c[(i + 1) % 4], &d = c[(i + 2) % 4];
        least = std::min(least, (b.x - a.x) * (d.y - b.y) - (b.y - a.y) * (d.x - b.x));
    }
    return least > kLeast;
}

/// Mean light of samples, without the tenth that is darkest and the tenth that is brightest; by luminance, so
/// that channels stay together.
struct Sampled {
    Channels light{};
    bool outside = false, over_exposed = false;
};
template <class Place>
Sampled sampled(const Raster& photo, const Place& place) {
    constexpr int kAcross = 24;
    std::vector<Channels> all;
    Sampled out;
    int burnt = 0;
    for (int j = 0; j < kAcross; ++j)
        for (int i = 0; i < kAcross; ++i) {
            const PhotoPoint p = place((i + 0.5) / kAcross, (j + 0.5) / kAcross);
            const int x = static_cast<int>(std::floor(p.x)), y = static_cast<int>(std::floor(p.y));
            if (x < 0 || y < 0 || x >= photo.width || y >= photo.height) {
                out.outside = true;
                return out;
            }
            const Srgb c = photo.at(x, y);
            burnt += c.r >= 254 || c.g >= 254 || c.b >= 254;
            const LinearRgb l = to_linear(c);
            all.push_back({l.r, l.g, l.b});
        }
    out.over_exposed = burnt > kAcross * kAcross / 20;
    std::sort(all.begin(), all.end(),
              [](const Channels& a, const Channels& b) { return luminance(a) < luminance(b); });
    const std::size_t cut = all.size() / 10;
    for (std::size_t i = cut; i < all.size() - cut; ++i)
        for (std::size_t c = 0; c < 3; ++c)
            out.light[c] += all[i][c] / static_cast<double>(all.size() - 2 * cut);
    return out;
}

/// Logarithm of the light over the wedge, quadratic in both directions, through bare white fields.
struct Light {
    std::array<Eigen::VectorXd, 3> terms;                  ///< six each
    Eigen::MatrixXd inverse = Eigen::MatrixXd::Zero(6, 6); ///< of the normal matrix
    Channels sd{};                                         ///< of one field about it, relative
    static Eigen::VectorXd basis(double u, double v) {
        Eigen::VectorXd b(6);
        b << 1, u, v, u * u, u * v, v * v;
        return b;
    }
    double at(std::size_t channel, double u, double v) const {
        return std::exp(terms[channel].dot(basis(u, v)));
    }
    /// Relative uncertainty of the light there, and of one field that is read in it.
    double sd_at(std::size_t channel, double u, double v) const {
        return sd[channel] * std::sqrt(1 + basis(u, v).dot(inverse * basis(u, v)));
    }
};

struct Seen {
    double u = 0, v = 0;
    Channels light{};
};
Light light_through(const std::vector<Seen>& white) {
    Light out;
    Eigen::MatrixXd a(static_cast<Eigen::Index>(white.size()), 6);
    for (std::size_t i = 0; i < white.size(); ++i)
        a.row(static_cast<Eigen::Index>(i)) = Light::basis(white[i].u, white[i].v).transpose();
    for (std::size_t c = 0; c < 3; ++c) {
        Eigen::VectorXd b(static_cast<Eigen::Index>(white.size()));
        for (std::size_t i = 0; i < white.size(); ++i)
            b(static_cast<Eigen::Index>(i)) = std::log(std::max(1e-6, white[i].light[c]));
        out.terms[c] = a.colPivHouseholderQr().solve(b);
        out.sd[c] = (a * out.terms[c] - b).norm() /
                    std::sqrt(std::max<double>(1, static_cast<double>(white.size()) - 6));
    }
    const Eigen::MatrixXd normal = a.transpose() * a + 1e-12 * Eigen::MatrixXd::Identity(6, 6);
    out.inverse = normal.colPivHouseholderQr().inverse();
    return out;
}

struct WedgePoint {
    double mm = 0, backing = 0, read = 0;
};
double modelled(double k, double s, const WedgePoint& p) {
    return seen_over(sheet_of({{k, k, k}, {s, s, s}}, p.mm), {p.backing, p.backing, p.backing})[0];
}

struct FittedChannel {
    double k = 1, s = 1, k_sd = 0, s_sd = 0, rms = 0;
};
/// Levenberg–Marquardt in ln K and ln S.
FittedChannel fit_channel(const std::vector<WedgePoint>& points) {
    FittedChannel best;
    double least = 1e300;
    const auto squares = [&](double lk, double ls) {
        double sum = 0;
        for (const WedgePoint& p : points)
            sum += std::pow(p.read - modelled(std::exp(lk), std::exp(ls), p), 2);
        return sum;
    };
    for (const double k0 : {0.05, 1.0, 20.0}) // from several starts: there can be more than one valley
        for (const double s0 : {0.3, 3.0, 20.0}) {
            double lk = std::log(k0), ls = std::log(s0), now = squares(lk, ls), damping = 1e-3;
            for (int step = 0; step < 100; ++step) {
                constexpr double kStep = 1e-5;
                Eigen::Matrix2d jtj = Eigen::Matrix2d::Zero();
                Eigen::Vector2d jtr = Eigen::Vector2d::Zero();
                for (const WedgePoint& p : points) {
                    const double m = modelled(std::exp(lk), std::exp(ls), p);
                    const Eigen::Vector2d j((modelled(std::exp(lk + kStep), std::exp(ls), p) - m) / kStep,
                                            (modelled(std::exp(lk), std::exp(ls + kStep), p) - m) / kStep);
                    jtj += j * j.transpose();
                    jtr += j * (p.read - m);
                }
                bool better = false;
                for (int tries = 0; tries < 12 && !better; ++tries) {
                    Eigen::Matrix2d damped = jtj;
                    damped.diagonal() += damping * (jtj.diagonal().array() + 1e-12).matrix();
                    const Eigen::Vector2d by = damped.inverse() * jtr;
                    const double k = std::clamp(lk + std::clamp(by(0), -2.0, 2.0), std::log(1e-4),
                                                std::log(2000.0)),
                                 s = std::clamp(ls + std::clamp(by(1), -2.0, 2.0), std::log(1e-3),
                                                std::log(500.0));
                    if (const double then = squares(k, s); then < now) {
                        better = now - then > 1e-14;
                        lk = k, ls = s, now = then;
                        damping = std::max(1e-9, damping / 4);
                    } else
                        damping *= 6;
                }
                if (better)
                    continue;
                if (now < least) {
                    least = now;
                    best.k = std::exp(lk), best.s = std::exp(ls);
                    const double variance = now / std::max<double>(1, static_cast<double>(points.size()) - 2);
                    const Eigen::Matrix2d covariance =
                        (jtj + 1e-12 * Eigen::Matrix2d::Identity()).inverse() * variance;
                    best.k_sd = best.k * std::sqrt(std::max(0.0, covariance(0, 0)));
                    best.s_sd = best.s * std::sqrt(std::max(0.0, covariance(1, 1)));
                    best.rms = std::sqrt(now / std::max<double>(1, static_cast<double>(points.size())));
                }
                break;
            }
        }
    return best;
}

double median(std::vector<double> v) {
    if (v.empty())
        return 0;
    const auto middle = v.begin() + static_cast<std::ptrdiff_t>(v.size() / 2);
    std::nth_element(v.begin(), middle, v.end());
    return *middle;
}

/// How far off the bases may be, relative: what is read is measured against them.
struct BaseDoubt {
    Channels white{}, black{};
};

std::vector<WedgePoint> points_of(const WedgeFit& fit, std::size_t channel, double layer_mm, double white_by,
                                  double black_by) {
    std::vector<WedgePoint> points;
    for (const WedgeField& f : fit.fields)
        if (!f.outlier)
            points.push_back(
                {f.layers * layer_mm,
                 f.over_black ? fit.black[channel] * white_by * black_by : fit.white[channel] * white_by,
                 f.read[channel] * white_by});
    return points;
}

/// All three channels, leaving out fields that lie far from what the others say. To the scatter of the fields
/// comes what the doubt about the bases does.
void fit_fields(double layer_mm, const BaseDoubt& doubt, WedgeFit& out) {
    for (int round = 0; round < 4; ++round) {
        double squares = 0;
        std::size_t used = 0;
        for (std::size_t c = 0; c < 3; ++c) {
            const FittedChannel fit = fit_channel(points_of(out, c, layer_mm, 1, 1)),
                                whiter = fit_channel(points_of(out, c, layer_mm, 1 - doubt.white[c], 1)),
                                blacker = fit_channel(points_of(out, c, layer_mm, 1, 1 + doubt.black[c]));
            out.optics.k[c] = fit.k, out.optics.s[c] = fit.s;
            out.k_sd[c] = std::hypot(fit.k_sd, whiter.k - fit.k, blacker.k - fit.k),
            out.s_sd[c] = std::hypot(fit.s_sd, whiter.s - fit.s, blacker.s - fit.s);
            for (WedgeField& f : out.fields) {
                f.fitted[c] = modelled(fit.k, fit.s,
                                       {f.layers * layer_mm, f.over_black ? out.black[c] : out.white[c], 0});
                if (!f.outlier)
                    squares += std::pow(f.read[c] - f.fitted[c], 2), ++used;
            }
        }
        out.rms = std::sqrt(squares / std::max<double>(1, static_cast<double>(used)));
        const auto off = [](const WedgeField& f) {
            double most = 0;
            for (std::size_t c = 0; c < 3; ++c)
                most = std::max(most, std::abs(f.read[c] - f.fitted[c]));
            return most;
        };
        std::vector<double> all;
        for (const WedgeField& f : out.fields)
            all.push_back(off(f));
        // Beyond four robust standard deviations, and by more than a hundredth; of all fields a fifth at
        // most.
        const double limit = std::max(0.01, 4 * 1.4826 * median(all));
        WedgeField* worst = nullptr;
        std::size_t gone = 0;
        for (WedgeField& f : out.fields) {
            gone += f.outlier;
            if (!f.outlier && off(f) > limit && (!worst || off(f) > off(*worst)))
                worst = &f;
        }
        if (!worst || 5 * (gone + 1) > out.fields.size())
            return;
        worst->outlier = true;
    }
}

} // namespace

Result<Project> wedge_project(const WedgePlan& plan, Filament tested, Filament white, Filament black,
                              const Settings& settings, const Machine& machine) {
    if (const Status ok = printable_layers(settings.first_layer_mm, plan.layer_mm, machine); !ok)
        return ok.error();
    Project p;
    p.name = "step wedge";
    p.machine = machine;
    p.settings = settings;
    settings_for_pictures(p.settings);
    p.settings.layer_mm = plan.layer_mm;
    white.letter = 'A', black.letter = 'B', tested.letter = 'C';
    // In dots of half a millimetre; numbers: 1 bare white, 2 bare black, then the steps over white and over
    // black.
    constexpr double kDot_mm = 0.5;
    const int field = static_cast<int>(WedgePlan::kField_mm / kDot_mm);
    DotMap dots{field * plan.columns(), field * WedgePlan::kRows, {}};
    for (int y = 0; y < dots.height; ++y)
        for (int x = 0; x < dots.width; ++x) {
            const int row = y / field, column = x / field, k = column > plan.steps ? 0 : column;
            const bool over_black = row == 2, steps = row == 1 || row == 2;
            dots.dots.push_back(static_cast<std::uint16_t>(
                !steps || k == 0 ? (over_black ? 2 : 1) : (over_black ? 2 + plan.steps : 2) + k));
        }
    BodySpans white_body(3 + 2 * static_cast<std::size_t>(plan.steps)), black_body(white_body),
        steps_body(white_body);
    for (std::size_t n = 1; n < white_body.size(); ++n) {
        const bool over_black = n == 2 || n > 2 + static_cast<std::size_t>(plan.steps);
        (over_black ? black_body : white_body)[n] = {{0, WedgePlan::kBaseLayers}};
        const int k = n <= 2 ? 0 : static_cast<int>(n) - 2 - (over_black ? plan.steps : 0);
        if (k > 0)
            steps_body[n] = {{WedgePlan::kBaseLayers, WedgePlan::kBaseLayers + k}};
    }
    const TerraceMap map = terrace_map(dots, kDot_mm);
    std::vector<Mesh> bodies = terrace_bodies(map, {{}, settings.first_layer_mm, plan.layer_mm},
                                              {white_body, black_body, steps_body});
    p.filaments = {white, black, tested};
    Piece& piece = p.pieces.front();
    piece.name = "wedge";
    const char* names[] = {"white base", "black base", "steps"};
    for (int i = 0; i < 3; ++i) {
        Part part;
        part.name = names[i];
        part.mesh = std::make_shared<const Mesh>(std::move(bodies[static_cast<std::size_t>(i)]));
        part.filament = static_cast<char>('A' + i);
        part.model = -1;
        part.own_mesh = true;
        piece.parts.push_back(std::move(part));
    }
    return p;
}

Result<WedgeFit> read_wedge(const Raster& photo, const WedgePlan& plan, const WedgeMarks& marks) {
    if (!is_rectangle_seen(marks.corners))
        return Error{
            say("The corners make no rectangle. Mark them in order: upper left, upper right, lower right, "
                "lower left of the wedge, the row of steps over white above the one over black.")};
    const Perspective seen(marks.corners);
    const int columns = plan.columns();
    // The middle half of a field.
    const auto field = [&](int row, int column) {
        return sampled(photo, [&](double u, double v) {
            return seen.at((column + 0.25 + 0.5 * u) / columns, (row + 0.25 + 0.5 * v) / WedgePlan::kRows);
        });
    };
    std::vector<std::vector<Sampled>> fields(WedgePlan::kRows);
    for (int row = 0; row < WedgePlan::kRows; ++row)
        for (int column = 0; column < columns; ++column) {
            fields[static_cast<std::size_t>(row)].push_back(field(row, column));
            const Sampled& s = fields[static_cast<std::size_t>(row)].back();
            if (s.outside)
                return Error{
                    say("A part of the wedge lies outside the photo. Take one that shows all of it.")};
            if (s.over_exposed)
                return Error{say("The photo is over-exposed: field {} of row {} is burnt out. Take one with "
                                 "less light, or a shorter exposure.",
                                 column + 1, row + 1)};
        }
    const auto patch = [&](const PhotoPoint& at) {
        const double half = std::max(2.0, std::hypot(marks.corners[1].x - marks.corners[0].x,
                                                     marks.corners[1].y - marks.corners[0].y) /
                                              columns / 6);
        return sampled(photo, [&](double u, double v) {
            return PhotoPoint{at.x + (2 * u - 1) * half, at.y + (2 * v - 1) * half};
        });
    };
    std::optional<Sampled> white_patch, grey_patch;
    if (marks.white)
        white_patch = patch(*marks.white);
    if (marks.grey)
        grey_patch = patch(*marks.grey);
    if ((white_patch && white_patch->outside) || (grey_patch && grey_patch->outside))
        return Error{say("A patch lies outside the photo.")};
    if (white_patch && white_patch->over_exposed)
        return Error{say("The photo is over-exposed: the white patch is burnt out. Take one with less light, "
                         "or a shorter exposure.")};
    WedgeFit out;
    const auto bare_white = [&] {
        std::vector<Seen> white;
        for (int row = 0; row < WedgePlan::kRows; ++row)
            for (int column = 0; column < columns; ++column)
                if (row == 0 || row == 3 || (row == 1 && (column == 0 || column + 1 == columns)))
                    white.push_back(
                        {(column + 0.5) / columns, (row + 0.5) / WedgePlan::kRows,
                         fields[static_cast<std::size_t>(row)][static_cast<std::size_t>(column)].light});
        return white;
    };
    Light light = light_through(bare_white());
    if (white_patch && grey_patch) {
        // The grey patch says how tones are bent: by which power its light comes out right against the white
        // patch's.
        const PhotoPoint w = seen.on_wedge(*marks.white), g = seen.on_wedge(*marks.grey);
        double sum = 0;
        for (std::size_t c = 0; c < 3; ++c) {
            const double ratio = grey_patch->light[c] / light.at(c, g.x, g.y) * light.at(c, w.x, w.y) /
                                 std::max(1e-6, white_patch->light[c]);
            sum += std::log(marks.grey_reflectance / marks.white_reflectance) /
                   std::log(std::clamp(ratio, 1e-4, 0.95));
        }
        out.gamma = std::clamp(sum / 3, 0.4, 2.5);
        const auto bend = [&](Channels& light_of) {
            for (double& v : light_of)
                v = std::pow(v, out.gamma);
        };
        for (auto& row : fields)
            for (Sampled& s : row)
                bend(s.light);
        bend(white_patch->light);
        light = light_through(bare_white());
    }
    for (std::size_t c = 0; c < 3; ++c)
        if (white_patch) {
            const PhotoPoint w = seen.on_wedge(*marks.white);
            out.white[c] = std::min(0.99, marks.white_reflectance * light.at(c, w.x, w.y) /
                                              std::max(1e-6, white_patch->light[c]));
        } else {
            const LinearRgb base = to_linear(marks.base_white);
            out.white[c] = std::min(0.99, c == 0 ? base.r : c == 1 ? base.g : base.b);
        }
    double brightest = 0, darkest = 1e9;
    for (const Seen& s : bare_white()) {
        brightest = std::max(brightest, light.at(1, s.u, s.v));
        darkest = std::min(darkest, light.at(1, s.u, s.v));
    }
    out.unevenness = brightest / darkest - 1;
    const auto reflectance = [&](int row, int column) {
        Channels r{};
        for (std::size_t c = 0; c < 3; ++c)
            r[c] = out.white[c] *
                   fields[static_cast<std::size_t>(row)][static_cast<std::size_t>(column)].light[c] /
                   light.at(c, (column + 0.5) / columns, (row + 0.5) / WedgePlan::kRows);
        return r;
    };
    const Channels left = reflectance(2, 0), right = reflectance(2, columns - 1);
    for (std::size_t c = 0; c < 3; ++c)
        out.black[c] = (left[c] + right[c]) / 2;
    if (luminance(out.black) > 0.6 * luminance(out.white))
        return Error{say("The two bases look alike, so they tell nothing apart. Are the corners in order, "
                         "with the row over white above the one over black?")};
    for (const bool over_black : {false, true})
        for (int k = 1; k <= plan.steps; ++k)
            out.fields.push_back({k, over_black, reflectance(over_black ? 2 : 1, k), {}, false});
    BaseDoubt doubt;
    for (std::size_t c = 0; c < 3; ++c) {
        const PhotoPoint w = marks.white ? seen.on_wedge(*marks.white) : PhotoPoint{0.5, 0.5};
        constexpr double kPatch =
            0.005; // how well the white of a patch, or of a filament, is known. From memory
        doubt.white[c] = std::hypot(kPatch, light.sd_at(c, w.x, w.y));
        doubt.black[c] = std::hypot(std::abs(left[c] - right[c]) / 2 / std::max(1e-6, out.black[c]),
                                    light.sd_at(c, 0.5, 0.625));
    }
    fit_fields(plan.layer_mm, doubt, out);
    return out;
}

} // namespace vitrail
