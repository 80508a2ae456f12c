#version 330 core
// Colour, contact shade, and lines round what is marked.
in vec2 place;
uniform sampler2D colors;
uniform sampler2D depths;
uniform sampler2D contact;
uniform vec2 px;          // one of the colours, as a part of the picture
uniform float lineWidth;  // px of the colours
uniform vec3 ink;
uniform vec3 marks[4];    // under the pointer, selected, at fault, in hand
out vec4 seen;
int codeAt(vec2 p) {
    vec2 size = vec2(textureSize(colors, 0));
    return int(texelFetch(colors, ivec2(clamp(p, vec2(0.0), vec2(0.9999)) * size), 0).a * 15.0 + 0.5);
}
void main() {
    // Pictures begin above, here below.
    vec2 at = vec2(place.x, 1.0 - place.y);
    vec4 own = texture(colors, at);
    vec2 small = 1.0 / vec2(textureSize(contact, 0));
    float light = 0.25 * (texture(contact, at + small * vec2(-1.0, -1.0)).r +
                          texture(contact, at + small * vec2(1.0, -1.0)).r +
                          texture(contact, at + small * vec2(-1.0, 1.0)).r +
                          texture(contact, at + small * vec2(1.0, 1.0)).r);
    vec3 color = own.rgb * light;
    float f = texture(depths, at).r;
    int code = codeAt(at);
    int most = code;
    bool isEdge = false;
    float step = 0.0;
    for (int i = 0; i < 4; ++i) {
        vec2 way = vec2(i == 0 ? 1.0 : i == 1 ? -1.0 : 0.0, i == 2 ? 1.0 : i == 3 ? -1.0 : 0.0);
        int other = codeAt(at + way * px * lineWidth);
        if (other != code) {
            isEdge = true;
            most = max(most, other);
        }
        float g = texture(depths, at + way * px).r;
        step = max(step, (g - f) / max(f, 1.0));
    }
    // What stands before something far keeps a line of ink.
    if (step > 0.02 && code > 0) color = mix(color, ink, 0.35);
    if (isEdge && most >= 2) color = marks[min(most - 2, 3)];
    seen = vec4(color, 1.0);
}
