// One plain light from above and aside, the shade of what hangs above, contact shade, and lines
// round what is marked.
in vec2 place;
uniform sampler2D colors;
uniform sampler2D facings;
uniform sampler2D contact;
uniform sampler2D fromAbove;  // heights as depths, from the top of the board
uniform vec4 board;           // its corner, one over its size
uniform vec2 heights;         // lowest, highest
uniform vec3 eye;
uniform vec3 right;
uniform vec3 up;
uniform vec3 look;
uniform vec2 px;          // one of the colours, as a part of the picture
uniform int lineWidth;    // px of the colours
uniform float brightness;
uniform vec3 paper;
uniform vec3 ink;
uniform vec3 marks[4];    // under the pointer, selected, at fault, in hand
out vec4 seen;
int codeAt(ivec2 p) {
    return int(texelFetch(colors, p, 0).a * 15.0 + 0.5);
}
float isBelow(vec2 at, vec2 aside, float own) {
    vec2 size = vec2(textureSize(fromAbove, 0));
    return float(texelFetch(fromAbove, ivec2(clamp(at * size + aside, vec2(0.0), size - 1.0)), 0).r < own);
}
float shadeAt(vec3 p) {
    vec2 at = (p.xy - board.xy) * board.zw;
    float own = (heights.y - p.z - 0.05) / (heights.y - heights.x);
#ifdef MOVING
    return isBelow(at, vec2(0.0), own);
#else
    return 0.25 * (isBelow(at, vec2(-0.7, -0.7), own) + isBelow(at, vec2(0.7, -0.7), own) +
                   isBelow(at, vec2(-0.7, 0.7), own) + isBelow(at, vec2(0.7, 0.7), own));
#endif
}
vec3 lit(vec3 own, vec4 facing, vec3 p) {
    if (facing.a > 0.95) return own;
    vec3 n = normalize(facing.xyz * 2.0 - 1.0);
    bool isMetal = facing.a > 0.47;
    float rough = isMetal ? (facing.a - 0.5) / 0.4 : facing.a / 0.45;
    vec3 light = normalize(vec3(-0.55, 0.35, 1.0));
    float plain = 0.62 + 0.30 * max(dot(n, light), 0.0) + 0.12 * n.z + 0.05 * n.y;
    float shade = n.z > 0.3 ? shadeAt(p) : 0.0;
    plain *= 1.0 - 0.30 * shade;
    float along = max(dot(n, normalize(light - look)), 0.0);
    float blunt = along * along * along * along;
    float sharp = blunt * blunt * blunt * blunt;
    float gleam = mix(sharp * sharp, blunt, rough) * (1.0 - rough) * (1.0 - shade);
    return own * plain * (isMetal ? 0.8 : 1.0) + (isMetal ? own : vec3(0.5)) * gleam;
}
void main() {
    // Pictures begin above, here below.
    vec2 at = vec2(place.x, 1.0 - place.y);
    ivec2 size = textureSize(colors, 0);
    ivec2 here = clamp(ivec2(at * vec2(size)), ivec2(0), size - 1);
    vec4 own = texelFetch(colors, here, 0);
    vec3 there = placeAt(here, px);
    bool isEmpty = there.z >= range.y * 0.9999;
    int code = int(own.a * 15.0 + 0.5);
    vec2 small = px * 2.0;
#ifdef MOVING
    float light = textureLod(contact, at, 0.0).r;
#else
    float light = 0.25 * (textureLod(contact, at + small * vec2(-1.0, -1.0), 0.0).r +
                          textureLod(contact, at + small * vec2(1.0, -1.0), 0.0).r +
                          textureLod(contact, at + small * vec2(-1.0, 1.0), 0.0).r +
                          textureLod(contact, at + small * vec2(1.0, 1.0), 0.0).r);
#endif
    vec3 p = eye + right * there.x + up * there.y + look * there.z;
    vec3 color = code == 0 ? own.rgb * (1.0 - 0.10 * shadeAt(p))
                           : lit(own.rgb, texelFetch(facings, here, 0), p) * brightness;
    color = isEmpty ? paper : color * light;
    int most = code;
    int least = code;
    float step = 0.0;
    const ivec2 ways[4] = ivec2[4](ivec2(1, 0), ivec2(0, 1), ivec2(-1, 0), ivec2(0, -1));
    for (int i = 0; i < WAYS; ++i) {
        int other = codeAt(clamp(here + ways[i] * lineWidth, ivec2(0), size - 1));
        most = max(most, other);
        least = min(least, other);
#ifndef MOVING
        step = max(step, alongAt(clamp(here + ways[i], ivec2(0), size - 1)) - there.z);
#endif
    }
    // What stands before something far keeps a line of ink.
    if (step > 0.02 * max(there.z, 1.0) && code > 0) color = mix(color, ink, 0.35);
    if (most != least && most >= 2) color = marks[min(most - 2, 3)];
    seen = vec4(color, 1.0);
}
