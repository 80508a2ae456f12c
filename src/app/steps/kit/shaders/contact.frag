// Shade where faces come close (McGuire, Osman, Bukowski and Hennessy, "The Alchemy
// Screen-Space Ambient Obscurance Algorithm", 2011).
in vec2 place;
uniform float reach;  // units
out float light;
void main() {
    vec2 size = vec2(textureSize(depths, 0));
    vec2 px = 1.0 / size;
    ivec2 last = ivec2(size) - 1;
    vec3 p = placeAt(ivec2(place * size), px);
    light = 1.0;
    vec2 wide = min(reach / (extent.xy * mix(p.z, 1.0, extent.z)) * 0.5, vec2(0.12));
    // A reach of a few px shades nothing that one would see.
    vec2 inPx = wide * size;
    float strength = clamp((min(inPx.x, inPx.y) - 3.0) / 6.0, 0.0, 1.0);
    vec3 n = normalize(cross(dFdx(p), dFdy(p)));
    if (n.z > 0.0) n = -n;
    if (strength <= 0.0 || p.z >= range.y * 0.9999) return;
    // Sixteen ways to look, over a square of four that the next pass brings together.
    ivec2 of4 = ivec2(gl_FragCoord.xy) & 3;
    float turn = 6.2832 / 16.0 * float(((of4.x + 4 * of4.y) * 7) & 15);
    float sum = 0.0;
    for (int i = 0; i < SAMPLES; ++i) {
        float part = (float(i) + 0.5) / float(SAMPLES);
        float angle = turn + part * 12.5664;
        vec2 aside = place + vec2(cos(angle), sin(angle)) * part * wide;
        vec3 v = placeAt(clamp(ivec2(aside * size), ivec2(0), last), px) - p;
        float square = dot(v, v);
        if (square > reach * reach) continue;
        sum += max(0.0, dot(v, n) - 0.01 * reach) / (square + 0.02 * reach * reach);
    }
    light = clamp(1.0 - sum * reach * (1.44 / float(SAMPLES)) * strength, 0.25, 1.0);
}
