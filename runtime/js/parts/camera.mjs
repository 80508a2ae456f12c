/** A camera that keeps a body in sight: whole px, a calm part in its middle, bounds. As rook_camera.hpp. */
export class Camera {
    /** Of the screen, %: while the body's middle stays in that part, nothing moves. */
    calmAcross = 20;
    calmDown = 30;
    /** Px of the level at the screen's upper left corner. */
    left = 0;
    top = 0;

    constructor(width = 640, height = 360) {
        this.width = width;
        this.height = height;
    }
    /** Follows the body within the bounds; what is smaller than the screen is shown in its middle. */
    follow(body, bounds) {
        const middleX = body.x + Math.trunc(body.width / 2);
        const middleY = body.y + Math.trunc(body.height / 2);
        this.left = cornerAlong(this.left, middleX, this.width, this.calmAcross, bounds.x, bounds.width);
        this.top = cornerAlong(this.top, middleY, this.height, this.calmDown, bounds.y, bounds.height);
    }
    /** With the body in the middle, as far as the bounds allow: at an arrival. */
    jumpTo(body, bounds) {
        this.left = body.x + Math.trunc(body.width / 2) - Math.trunc(this.width / 2);
        this.top = body.y + Math.trunc(body.height / 2) - Math.trunc(this.height / 2);
        this.follow(body, bounds);
    }
}

function cornerAlong(corner, middle, screen, calm, start, whole) {
    if (whole <= screen) return start - Math.trunc((screen - whole) / 2);
    const half = Math.trunc((screen * calm) / 200);
    const centre = corner + Math.trunc(screen / 2);
    if (middle < centre - half) corner -= centre - half - middle;
    if (middle > centre + half) corner += middle - centre - half;
    return Math.max(start, Math.min(corner, start + whole - screen));
}
