package mischung.hair;

import java.util.Arrays;
import java.util.function.Function;
import mischung.Constants;
import mischung.said.RefusedInput;
import mischung.said.Unit;

/** A figure that the file of constants gives for each step of {@link Porosity}; straight between the steps. */
public final class ByPorosity {
    private final double[] figures;

    private ByPorosity(double[] figures) {
        this.figures = figures;
    }

    /** Figures named "low …", "normal …", "high …", "very high …". */
    public static ByPorosity of(Constants constants, String after) {
        return of(constants, porosity -> porosity.words() + " " + after);
    }

    public static ByPorosity of(Constants constants, Function<Porosity, String> name) {
        return new ByPorosity(Arrays.stream(Porosity.values())
                .mapToDouble(porosity -> constants.of(name.apply(porosity)))
                .toArray());
    }

    /** @param degree 0 low … 3 very high */
    public double at(double degree) {
        RefusedInput.within("porosity", degree, 0, 3, Unit.POROSITY);
        int below = Math.min((int) degree, figures.length - 2);
        double share = degree - below;
        return (1 - share) * figures[below] + share * figures[below + 1];
    }
}
