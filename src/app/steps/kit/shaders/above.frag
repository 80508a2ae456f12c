#version 330 core
// Heights seen from straight above: the depth is all that is kept.
in vec3 atBoard;
uniform float cut;
void main() {
    if (atBoard.z > cut) discard;
}
