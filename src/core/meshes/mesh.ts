/** Nine numbers a triangle: three corners of x, y, z in mm, counterclockwise seen from outside. */
export type Triangles = ArrayLike<number>;

export type Vec3 = readonly [x: number, y: number, z: number];

export const NUMBERS_PER_TRIANGLE = 9;
