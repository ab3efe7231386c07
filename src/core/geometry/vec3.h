// A point or direction in mm.
#pragma once

#include <algorithm>
#include <cmath>

namespace vitrail {

struct Vec3 {
    float x = 0, y = 0, z = 0;
    bool operator==(const Vec3&) const = default;
};

inline Vec3 operator+(Vec3 a, Vec3 b) {
    return {a.x + b.x, a.y + b.y, a.z + b.z};
}
inline Vec3 operator-(Vec3 a, Vec3 b) {
    return {a.x - b.x, a.y - b.y, a.z - b.z};
}
inline Vec3 operator*(Vec3 a, float s) {
    return {a.x * s, a.y * s, a.z * s};
}
inline float dot(Vec3 a, Vec3 b) {
    return a.x * b.x + a.y * b.y + a.z * b.z;
}
inline Vec3 cross(Vec3 a, Vec3 b) {
    return {a.y * b.z - a.z * b.y, a.z * b.x - a.x * b.z, a.x * b.y - a.y * b.x};
}
inline float length(Vec3 a) {
    return std::sqrt(dot(a, a));
}
/// Zero stays zero.
inline Vec3 unit(Vec3 a) {
    const float l = length(a);
    return l > 0 ? a * (1 / l) : a;
}
inline Vec3 lesser(Vec3 a, Vec3 b) {
    return {std::min(a.x, b.x), std::min(a.y, b.y), std::min(a.z, b.z)};
}
inline Vec3 greater(Vec3 a, Vec3 b) {
    return {std::max(a.x, b.x), std::max(a.y, b.y), std::max(a.z, b.z)};
}

/// Distance from p to the stretch a…b.
inline float distance_to_stretch(Vec3 p, Vec3 a, Vec3 b) {
    const Vec3 ab = b - a;
    const float l = dot(ab, ab), t = l > 0 ? std::clamp(dot(p - a, ab) / l, 0.0f, 1.0f) : 0;
    return length(p - (a + ab * t));
}

} // namespace vitrail
