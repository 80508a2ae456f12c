// Heights seen from straight above: the depth is all that is kept.
#ifdef CUT
in vec3 atBoard;
uniform float cut;
#endif
void main() {
#ifdef CUT
    if (atBoard.z > cut) discard;
#endif
}
