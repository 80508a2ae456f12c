// Pieces where they stand: units of the board to the picture. With FLAT, WALLS and PICTURE as
// they are asked for.
layout(location = 0) in vec3 place;
layout(location = 1) in vec3 normal;
layout(location = 2) in vec2 inPicture;
layout(location = 3) in vec4 color;  // alpha: roughness
layout(location = 4) in vec3 wall;   // side of the module or -1, height when cut low, metallic
layout(location = 5) in vec4 turn;   // the board's x and y by the shape's
layout(location = 6) in vec4 corner; // and the mark that it carries
uniform mat4 toPicture;
uniform vec4 eye;  // a place, or the way that the look goes where w is 0
uniform float lowWalls;
#if defined(FLAT) || defined(CUT)
out vec3 atBoard;
#endif
#ifndef FLAT
out vec3 facing;
#endif
#ifdef PICTURE
out vec2 picturePlace;
#endif
flat out vec4 tone;
flat out vec2 other;  // mark, metallic
const vec2 ways[4] = vec2[4](vec2(1, 0), vec2(0, 1), vec2(-1, 0), vec2(0, -1));
void main() {
    vec3 own = place;
    if (wall.x >= 0.0 && lowWalls > 0.5) {
        vec2 way = ways[int(wall.x + 0.5)];
        vec2 outwards = normalize(vec2(dot(turn.xy, way), dot(turn.zw, way)));
        vec3 to = eye.w > 0.5 ? eye.xyz - corner.xyz : -eye.xyz;
        if (dot(outwards, to.xy) > 0.05 * length(to)) own.z = min(own.z, wall.y);
    }
    vec3 there = vec3(corner.x + dot(turn.xy, own.xy), corner.y + dot(turn.zw, own.xy),
                      corner.z + own.z);
#if defined(FLAT) || defined(CUT)
    atBoard = there;
#endif
#ifndef FLAT
    facing = vec3(dot(turn.xy, normal.xy), dot(turn.zw, normal.xy), normal.z);
#endif
#ifdef PICTURE
    picturePlace = inPicture;
#endif
    tone = color;
    other = vec2(corner.w, wall.z);
    gl_Position = toPicture * vec4(there, 1.0);
}
