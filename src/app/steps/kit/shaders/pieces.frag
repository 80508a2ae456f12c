// What pieces are made of and how they face; the light comes later, once for each px.
#if defined(FLAT) || defined(CUT)
in vec3 atBoard;
#endif
#ifndef FLAT
in vec3 facing;
#endif
#ifdef PICTURE
in vec2 picturePlace;
uniform sampler2D picture;
#endif
flat in vec4 tone;
flat in vec2 other;
uniform float cut;
uniform vec3 cutPaper;
uniform vec3 cutInk;
uniform vec4 ghost;  // a colour over the piece's own and a mark, where alpha is above 0
uniform vec3 look;
layout(location = 0) out vec4 own;     // and the mark
layout(location = 1) out vec4 facing_; // and roughness below 0.5, metal above; 1: gives no light
void main() {
#ifdef CUT
    if (atBoard.z > cut) discard;
    if (!gl_FrontFacing) {
        float line = mod(gl_FragCoord.x + gl_FragCoord.y, 9.0);
        own = vec4(line < 1.5 ? cutInk : cutPaper, other.x);
        facing_ = vec4(0.5, 0.5, 1.0, 1.0);
        return;
    }
#endif
#ifdef FLAT
    // The plan's y goes down, so that the board is a mirror image of its picture.
    vec3 n = normalize(cross(dFdy(atBoard), dFdx(atBoard)));
    if (dot(n, look) > 0.0) n = -n;
#else
    vec3 n = normalize(facing);
    if (!gl_FrontFacing) n = -n;
#endif
    vec3 color = tone.rgb;
#ifdef PICTURE
    color *= texture(picture, picturePlace).rgb;
#endif
    own = vec4(ghost.a > 0.0 ? mix(color, ghost.rgb, 0.55) : color,
               ghost.a > 0.0 ? ghost.a : other.x);
    facing_ = vec4(n * 0.5 + 0.5, other.y > 0.5 ? 0.5 + 0.4 * tone.a : 0.45 * tone.a);
}
