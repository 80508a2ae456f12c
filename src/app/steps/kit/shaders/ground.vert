#version 330 core
// The sheet that a board lies on, and the grid of the storey that is worked on.
layout(location = 0) in vec2 place;
uniform mat4 toPicture;
uniform vec4 sheet;   // corner and size, units
uniform float height;
uniform vec4 forward;
out vec3 atBoard;
out float along;
void main() {
    atBoard = vec3(sheet.xy + place * sheet.zw, height);
    along = dot(forward.xyz, atBoard) + forward.w;
    gl_Position = toPicture * vec4(atBoard, 1.0);
}
