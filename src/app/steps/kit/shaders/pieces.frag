#version 330 core
// One plain light from above and aside, shade below what hangs above, hatching where a piece is
// cut open.
in vec3 atBoard;
in vec3 facing;
in vec2 picturePlace;
in vec4 tone;
in float metallic;
in float along;
flat in float mark;
uniform sampler2D picture;
uniform sampler2D fromAbove;  // heights as depths, from the top of the board
uniform vec4 board;           // its corner, one over its size
uniform vec2 heights;         // lowest, highest
uniform float hasPicture;
uniform float isSmooth;
uniform float cut;
uniform float isNight;
uniform vec3 cutPaper;
uniform vec3 cutInk;
uniform vec4 ghost;           // a colour in place of the piece's own, where alpha is above 0
uniform vec3 look;
layout(location = 0) out vec4 seen;
layout(location = 1) out float depth;
float shadeAt(vec3 p) {
    vec2 at = (p.xy - board.xy) * board.zw;
    float own = (heights.y - p.z) / (heights.y - heights.x);
    float slack = 0.05 / (heights.y - heights.x);
    vec2 step = 0.7 / vec2(textureSize(fromAbove, 0));
    float shade = 0.0;
    for (int i = 0; i < 4; ++i) {
        vec2 aside = vec2(i % 2 == 0 ? -1.0 : 1.0, i < 2 ? -1.0 : 1.0) * step;
        shade += texture(fromAbove, at + aside).r < own - slack ? 0.25 : 0.0;
    }
    return shade;
}
void main() {
    if (atBoard.z > cut) discard;
    depth = along;
    if (!gl_FrontFacing && cut < heights.y) {
        float line = mod(gl_FragCoord.x + gl_FragCoord.y, 9.0);
        seen = vec4(line < 1.5 ? cutInk : cutPaper, mark);
        return;
    }
    vec3 n = normalize(facing);
    if (isSmooth < 0.5) {
        // The plan's y goes down, so that the board is a mirror image of its picture.
        vec3 flatOne = -cross(dFdx(atBoard), dFdy(atBoard));
        n = normalize(flatOne);
        if (dot(n, look) > 0.0) n = -n;
    } else if (!gl_FrontFacing) {
        n = -n;
    }
    vec3 own = tone.rgb;
    if (hasPicture > 0.5) own *= texture(picture, picturePlace).rgb;
    vec3 light = normalize(vec3(-0.55, 0.35, 1.0));
    float plain = 0.62 + 0.30 * max(dot(n, light), 0.0) + 0.12 * n.z + 0.05 * n.y;
    float shade = n.z > 0.3 ? shadeAt(atBoard) : 0.0;
    plain *= 1.0 - 0.30 * shade;
    vec3 half_ = normalize(light - look);
    float sharp = mix(80.0, 4.0, tone.a);
    float gleam = pow(max(dot(n, half_), 0.0), sharp) * (1.0 - tone.a) * (1.0 - shade);
    vec3 color = own * plain * (1.0 - 0.25 * metallic) + mix(vec3(0.5), own, metallic) * gleam;
    color *= mix(1.0, 0.82, isNight);
    if (ghost.a > 0.0) color = mix(color, ghost.rgb, 0.55);
    seen = vec4(color, ghost.a > 0.0 ? ghost.a : mark);
}
