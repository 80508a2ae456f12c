#version 330 core
// Shade where faces come close (McGuire, Osman, Bukowski and Hennessy, "The Alchemy
// Screen-Space Ambient Obscurance Algorithm", 2011).
in vec2 place;
uniform sampler2D depths;
uniform vec3 extent;  // half of what is seen at one unit, across and up; 1 in parallel, else 0
uniform float reach;  // units
out float light;
vec3 placeAt(vec2 p) {
    // In the middle of what one depth is of, so that a plane stays one.
    vec2 size = vec2(textureSize(depths, 0));
    p = (floor(p * size) + 0.5) / size;
    float f = texture(depths, p).r;
    return vec3((p * 2.0 - 1.0) * extent.xy * mix(f, 1.0, extent.z), f);
}
void main() {
    vec2 at = place;
    vec3 p = placeAt(at);
    if (p.z > 1e8) {
        light = 1.0;
        return;
    }
    vec3 n = normalize(cross(dFdx(p), dFdy(p)));
    if (n.z > 0.0) n = -n;
    vec2 wide = reach / (extent.xy * mix(p.z, 1.0, extent.z)) * 0.5;
    wide = min(wide, vec2(0.12));
    // A reach of a few px shades nothing that one would see.
    vec2 inPx = wide * vec2(textureSize(depths, 0));
    float strength = clamp((min(inPx.x, inPx.y) - 3.0) / 6.0, 0.0, 1.0);
    float turn = 6.2832 * fract(52.9829189 * fract(dot(gl_FragCoord.xy, vec2(0.06711056, 0.00583715))));
    float sum = 0.0;
    for (int i = 0; i < 9; ++i) {
        float part = (float(i) + 0.5) / 9.0;
        float angle = turn + part * 12.5664;
        vec3 v = placeAt(at + vec2(cos(angle), sin(angle)) * part * wide) - p;
        float square = dot(v, v);
        if (square > reach * reach) continue;
        sum += max(0.0, dot(v, n) - 0.01 * reach) / (square + 0.02 * reach * reach);
    }
    light = clamp(1.0 - sum * reach * 0.16 * strength, 0.25, 1.0);
}
