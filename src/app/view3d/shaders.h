// What the graphics card runs for the 3D piece.
#pragma once

namespace vitrail {

/// Codes of triangles for the shader: 0 not painted, 1 … 26 a letter, 27 a patch without a filament, then
/// what belongs to support, 255 cut into facets.
inline constexpr unsigned char kNoFilament = 27, kSupportCode = 28, kInterfaceCode = 29, kContactCode = 30,
                               kSnapCode = 31, kKeepFreeCode = 32, kHoldCode = 33, kCutCode = 255;
inline constexpr int kCodes = 34; ///< that have a colour

inline constexpr const char* kVertex = R"(#version 330 core
layout(location = 0) in vec3 position;
layout(location = 1) in vec2 facet;
uniform mat4 matrix;
uniform float bed;
out vec3 place;
flat out vec2 facet_code;
void main() {
    facet_code = facet;
    place = position - vec3(0.0, 0.0, bed);
    gl_Position = matrix * vec4(position, 1.0);
})";

// The filament of a point follows from its height: the part's own, or that of the last band that holds it.
inline constexpr const char* kFragment = R"(#version 330 core
in vec3 place;
flat in vec2 facet_code;
out vec4 colour;
uniform usamplerBuffer codes;
uniform usamplerBuffer areas;
uniform vec4 letters[34]; // rgb, and the hatch
uniform int painting;     // 0: nothing is painted, 1: codes by triangle, 2: codes come with the facets
uniform int preview;      // what the tool would take: 1 an area, 2 a ball, 3 heights, 4 a direction
uniform int preview_area;
uniform vec4 preview_where; // ball: centre and radius; heights: z0, z1; direction and the cosine

uniform int band_count;
uniform vec2 bands[16];
uniform vec4 panes[17];   // rgb, and the hatch
uniform vec2 cursor;      // height and half thickness of the cursor layer
uniform vec3 accent;
uniform vec3 lead;
uniform float bed;
uniform float selected;
uniform float lines;      // 1: draws lead lines

float hatch(int kind, vec2 p, float pitch) {
    vec2 q = mod(p, pitch);
    float d = 1e3;
    if (kind == 0) d = abs(mod(p.x + p.y, pitch) - pitch / 2.0) * 0.707;
    if (kind == 1) d = abs(q.y - pitch / 2.0);
    if (kind == 2) d = abs(mod(p.x - p.y, pitch) - pitch / 2.0) * 0.707;
    if (kind == 3) d = min(abs(q.x - pitch / 2.0), abs(q.y - pitch / 2.0));
    if (kind == 4) d = length(q - vec2(pitch / 2.0)) - 0.6;
    if (kind == 5) d = abs(q.x - pitch / 2.0);
    if (kind == 6)
        d = min(abs(mod(p.x + p.y, pitch) - pitch / 2.0), abs(mod(p.x - p.y, pitch) - pitch / 2.0)) * 0.707;
    if (kind == 7) d = abs(q.y - pitch / 2.0 - (abs(q.x - pitch / 2.0) - pitch / 4.0));
    return 1.0 - smoothstep(0.35, 1.15, d);
}

void main() {
    if (lines > 0.5) {
        colour = vec4(selected > 0.5 ? accent : lead, 1.0);
        return;
    }
    uvec2 code = uvec2(0u, 0u);
    if (painting == 1)
        code = texelFetch(codes, gl_PrimitiveID).rg;
    else if (painting == 2)
        code = uvec2(facet_code + 0.5);
    if (code.r == 255u)
        discard;
    vec3 normal = normalize(cross(dFdx(place), dFdy(place)));
    // A level face on a border counts to the material behind it.
    float height = place.z - 0.002 * normal.z;
    vec4 pane = panes[0];
    for (int i = 0; i < band_count; ++i)
        if (height >= bands[i].x && height < bands[i].y)
            pane = panes[i + 1];
    if (code.r > 0u && code.r != 27u)
        pane = letters[code.r];
    vec3 lamp = normalize(vec3(-0.45, -0.7, 0.55));
    float light = 0.62 + 0.30 * max(0.0, dot(normal, lamp)) + 0.12 * max(0.0, normal.z);
    vec3 base = pane.rgb;
    float bright = dot(base, vec3(0.2126, 0.7152, 0.0722));
    vec3 ink = bright > 0.36 ? vec3(0.0) : vec3(1.0);
    int kind = int(pane.a + 0.5);
    base = mix(base, ink, 0.24 * hatch(kind % 8, gl_FragCoord.xy, kind < 8 ? 9.0 : 6.0));
    base *= light;
    // Borders of bands are lead lines, as wide on the screen everywhere.
    float per_pixel = max(fwidth(place.z), 1e-5);
    for (int i = 0; i < band_count; ++i)
        if (abs(normal.z) < 0.999
            && min(abs(place.z - bands[i].x), abs(place.z - bands[i].y)) < 1.1 * per_pixel)
            base = lead;
    if (selected > 0.5)
        base = mix(base, accent, 0.22);
    // A patch without a filament yet, and the selected one, are striped in the accent.
    if (code.r == 27u || code.g > 0u)
        base = mix(base, accent, code.r == 27u
            ? 0.55
            : 0.20 + 0.35 * step(0.5, fract((gl_FragCoord.x + gl_FragCoord.y) / 9.0)));
    bool taken = false;
    if (preview == 1)
        taken = painting != 2 ? int(texelFetch(areas, gl_PrimitiveID).r) == preview_area : false;
    else if (preview == 2)
        taken = distance(place + vec3(0.0, 0.0, bed), preview_where.xyz) < preview_where.w;
    else if (preview == 3)
        taken = place.z >= preview_where.x && place.z <= preview_where.y;
    else if (preview == 4)
        taken = dot(normal, preview_where.xyz) >= preview_where.w;
    if (taken)
        base = mix(base, accent, 0.30 + 0.25 * step(0.5, fract((gl_FragCoord.x - gl_FragCoord.y) / 11.0)));
    if (code.r < 28u && abs(place.z - cursor.x) < max(cursor.y, 0.9 * per_pixel))
        base = accent;
    colour = vec4(base, 1.0);
})";

} // namespace vitrail
