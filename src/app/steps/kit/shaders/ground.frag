in vec2 atBoard;
uniform vec2 module;
uniform vec3 paper;
uniform vec3 minor;
uniform vec3 major;
layout(location = 0) out vec4 own;
layout(location = 1) out vec4 facing;
float lineAt(vec2 at, float thick) {
    vec2 wide = max(fwidth(at), vec2(1e-5));
    vec2 off = abs(fract(at - 0.5) - 0.5) / wide;
    // Where lines come closer than a few px they fade into the paper.
    float near = clamp(2.0 - 4.0 * max(wide.x, wide.y), 0.0, 1.0);
    return clamp(thick - min(off.x, off.y), 0.0, 1.0) * near;
}
void main() {
    vec2 at = atBoard / module;
    float fine = lineAt(at, 1.0);
    float heavy = lineAt(at / 8.0, 1.3);
#ifdef LINES
    float strength = max(fine * 0.4, heavy * 0.7);
    if (strength < 0.05) discard;
    own = vec4(major, strength);
    facing = vec4(0.0);
#else
    own = vec4(mix(mix(paper, minor, fine), major, heavy), 0.0);
    facing = vec4(0.5, 0.5, 1.0, 0.45);
#endif
}
