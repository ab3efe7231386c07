#include "bench.h"

#include "demo/solids.h"

#include <cmath>

namespace vitrail::bench {

Mesh bumpy_torus(int segments, int rings) {
    const Mesh torus = solids::torus(40, 16, segments, rings);
    std::vector<Vec3> v = torus.vertices;
    for (Vec3& p : v) {
        const float bump = 1 + 0.02f * std::sin(0.9f * p.x) * std::cos(1.1f * p.y);
        p = {p.x * bump, p.z * bump * 1.3f, p.y * bump}; // on its rim
    }
    std::vector<Triangle> t = torus.triangles;
    for (Triangle& x : t)
        std::swap(x[1], x[2]);
    return build_mesh(std::move(v), std::move(t));
}

} // namespace vitrail::bench
