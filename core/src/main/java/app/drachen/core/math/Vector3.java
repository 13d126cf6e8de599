package app.drachen.core.math;

/**
 * Three numbers in a frame that the variable's name tells.
 *
 * @param x first component [unit of the vector]
 * @param y second component [unit of the vector]
 * @param z third component [unit of the vector]
 */
public record Vector3(double x, double y, double z) {
    public static final Vector3 ZERO = new Vector3(0, 0, 0);

    public Vector3 plus(Vector3 other) {
        return new Vector3(x + other.x, y + other.y, z + other.z);
    }

    public Vector3 minus(Vector3 other) {
        return new Vector3(x - other.x, y - other.y, z - other.z);
    }

    /**
     * @param factor [-]
     */
    public Vector3 times(double factor) {
        return new Vector3(x * factor, y * factor, z * factor);
    }

    /**
     * @return scalar product [product of the units]
     */
    public double dot(Vector3 other) {
        return x * other.x + y * other.y + z * other.z;
    }

    public Vector3 cross(Vector3 other) {
        return new Vector3(y * other.z - z * other.y, z * other.x - x * other.z, x * other.y - y * other.x);
    }

    /**
     * @return length [unit of the vector]
     */
    public double norm() {
        return Math.sqrt(dot(this));
    }

    public Vector3 unit() {
        return times(1 / norm());
    }
}
