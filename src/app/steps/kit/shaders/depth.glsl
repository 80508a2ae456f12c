// Places as the eye sees them, from the depths of a picture.
uniform sampler2D depths;
uniform vec3 extent;  // half of what is seen at one unit, across and up; 1 in parallel, else 0
uniform vec2 range;   // units along the look, of depths 0 and 1
float alongAt(ivec2 p) {
    float z = texelFetch(depths, p, 0).r;
    return extent.z > 0.5 ? mix(range.x, range.y, z)
                          : range.x * range.y / (range.y - z * (range.y - range.x));
}
vec3 placeAt(ivec2 p, vec2 px) {
    // In the middle of what one depth is of, so that a plane stays one. px: one over their size.
    float f = alongAt(p);
    return vec3(((vec2(p) + 0.5) * px * 2.0 - 1.0) * extent.xy * mix(f, 1.0, extent.z), f);
}
