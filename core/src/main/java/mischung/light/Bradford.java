package mischung.light;

/** Bradford cone responses (K. M. Lam 1985, as published in ICC.1 annex E) and their exact inverse. */
enum Bradford {
    R(0.8951, 0.2664, -0.1614),
    G(-0.7502, 1.7135, 0.0367),
    B(0.0389, -0.0685, 1.0296);

    private final double fromX;
    private final double fromY;
    private final double fromZ;

    Bradford(double fromX, double fromY, double fromZ) {
        this.fromX = fromX;
        this.fromY = fromY;
        this.fromZ = fromZ;
    }

    double of(double x, double y, double z) {
        return fromX * x + fromY * y + fromZ * z;
    }

    double of(WhitePoint white) {
        return of(white.x(), white.y(), white.z());
    }

    /** Solves the three equations by Cramer's rule, so that there and back is exact to rounding. */
    static Xyz toXyz(double r, double g, double b, WhitePoint white) {
        double whole = determinant(R.fromX, R.fromY, R.fromZ, G.fromX, G.fromY, G.fromZ, B.fromX, B.fromY, B.fromZ);
        double x = determinant(r, R.fromY, R.fromZ, g, G.fromY, G.fromZ, b, B.fromY, B.fromZ) / whole;
        double y = determinant(R.fromX, r, R.fromZ, G.fromX, g, G.fromZ, B.fromX, b, B.fromZ) / whole;
        double z = determinant(R.fromX, R.fromY, r, G.fromX, G.fromY, g, B.fromX, B.fromY, b) / whole;
        return new Xyz(x, y, z, white);
    }

    private static double determinant(
            double a, double b, double c, double d, double e, double f, double g, double h, double i) {
        return a * (e * i - f * h) - b * (d * i - f * g) + c * (d * h - e * g);
    }
}
