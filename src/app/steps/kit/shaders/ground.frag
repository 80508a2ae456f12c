#version 330 core
in vec3 atBoard;
in float along;
uniform sampler2D fromAbove;
uniform vec4 board;
uniform vec2 heights;
uniform vec2 module;
uniform vec3 paper;
uniform vec3 minor;
uniform vec3 major;
uniform float onlyLines;
layout(location = 0) out vec4 seen;
layout(location = 1) out float depth;
float lineAt(vec2 at, float thick) {
    vec2 wide = max(fwidth(at), vec2(1e-5));
    vec2 off = abs(fract(at - 0.5) - 0.5) / wide;
    // Where lines come closer than a few px they fade into the paper.
    float near = clamp(2.0 - 4.0 * max(wide.x, wide.y), 0.0, 1.0);
    return clamp(thick - min(off.x, off.y), 0.0, 1.0) * near;
}
void main() {
    vec2 at = atBoard.xy / module;
    float fine = lineAt(at, 1.0);
    float heavy = lineAt(at / 8.0, 1.3);
    if (onlyLines > 0.5) {
        float strength = max(fine * 0.55, heavy * 0.8);
        if (strength < 0.05) discard;
        seen = vec4(major, strength);
        depth = along;
        return;
    }
    vec3 color = mix(mix(paper, minor, fine), major, heavy);
    vec2 inMap = (atBoard.xy - board.xy) * board.zw;
    float own = (heights.y - atBoard.z) / (heights.y - heights.x);
    float shade = texture(fromAbove, inMap).r < own - 0.05 / (heights.y - heights.x) ? 1.0 : 0.0;
    seen = vec4(color * (1.0 - 0.10 * shade), 0.0);
    depth = along;
}
