// The sheet that a board lies on, and the grid of the storey that is worked on.
layout(location = 0) in vec2 place;
uniform mat4 toPicture;
uniform vec4 sheet;  // corner and size, units
uniform float height;
out vec2 atBoard;
void main() {
    atBoard = sheet.xy + place * sheet.zw;
    gl_Position = toPicture * vec4(atBoard, height, 1.0);
}
