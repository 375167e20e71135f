package mischung.process;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import mischung.hair.Canvas;
import mischung.hair.DyeKind;
import mischung.hair.Dyes;
import mischung.hair.Fibre;
import mischung.hair.Pigment;
import mischung.hair.PigmentLine;
import mischung.hair.Porosity;
import mischung.product.ShadeClass;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

/** Whole corrections, whatever is done in whatever order. */
class CourseTest {
    private static final Dyes BROWN = new Dyes(0.1, 0.08, 0, 0.1);

    @Provide
    Arbitrary<List<Change>> corrections() {
        Arbitrary<Change> one = Arbitraries.of(
                Lightening.of(LiftProduct.LIGHTENER, 30, 50, Setting.FOIL),
                Lightening.of(LiftProduct.CLEANSE_MIX, 40, 15, Setting.FOIL.under(Cover.OPEN)),
                Lightening.of(LiftProduct.LIGHTEST_TINT, 40, 45, Setting.OPEN),
                Application.usual(BROWN, ShadeClass.PERMANENT, 20),
                Application.usual(BROWN, ShadeClass.DEMI, 6),
                Application.usual(BROWN, ShadeClass.DIRECT, 0),
                RemoverRound.USUAL,
                new Washing(3, true),
                Washing.times(20),
                new Care(Care.Kind.BOND, 10),
                new Care(Care.Kind.EQUALISER, 5));
        return one.list().ofMinSize(1).ofMaxSize(12);
    }

    @Property(tries = 200)
    void hairStaysHairThroughAnyCorrection(
            @ForAll("corrections") List<Change> changes,
            @ForAll @DoubleRange(min = 1, max = 12) double level,
            @ForAll @DoubleRange(max = 1) double grey,
            @ForAll Porosity porosity,
            @ForAll PigmentLine line) {
        Canvas start = Canvas.of(line.at(level), porosity).withGrey(grey);
        List<Double> minutes = new ArrayList<>();
        Canvas end = new Course(changes).watched(start, Factors.AVERAGE, 15, (minute, canvas) -> {
            minutes.add(minute);
            Fibre fibre = canvas.fibre();
            assertThat(fibre.integrity()).isBetween(0.0, fibre.ceiling());
            assertThat(fibre.ceiling())
                    .as("never fully restored")
                    .isLessThanOrEqualTo(start.fibre().ceiling());
            assertThat(fibre.porosity()).isGreaterThanOrEqualTo(start.fibre().porosity());
            for (Pigment pigment : Pigment.values()) {
                assertThat(canvas.coloured().amount(pigment)).isNotNegative().isFinite();
                assertThat(canvas.white().amount(pigment)).isNotNegative().isFinite();
            }
            assertThat(canvas.lab().l()).isBetween(0.0, 100.0);
        });
        assertThat(minutes).isSorted();
        assertThat(end.coloured().amount(Pigment.EUMELANIN))
                .as("what grew never comes back")
                .isLessThanOrEqualTo(start.coloured().amount(Pigment.EUMELANIN));
        assertThat(end.coloured().amount(Pigment.KERATIN))
                .isEqualTo(start.coloured().amount(Pigment.KERATIN));
    }

    /** A remover before new colour takes the old; after it, it takes the new as well: order matters. */
    @Test
    void theOrderOfStepsMatters() {
        Canvas dyed = Canvas.of(PigmentLine.LIFTED.at(8), Porosity.NORMAL).plus(new Dyes(0.2, 0.2, 0, 0.2), Dyes.NONE);
        Change colour = Application.usual(BROWN, ShadeClass.DEMI, 6);
        Canvas removerFirst = Course.of(RemoverRound.USUAL, colour).on(dyed, Factors.AVERAGE);
        Canvas removerLast = Course.of(colour, RemoverRound.USUAL).on(dyed, Factors.AVERAGE);
        assertThat(removerFirst.coloured().dyes(DyeKind.OXIDATIVE).total())
                .isGreaterThan(removerLast.coloured().dyes(DyeKind.OXIDATIVE).total());
    }

    /** A head that takes, lifts or suffers more shows it in each change and in none that has nothing to do with it. */
    @Test
    void eachFactorActsWhereItBelongs() {
        Canvas dyed = Canvas.of(PigmentLine.NATURAL.at(6), Porosity.NORMAL).plus(BROWN, Dyes.NONE);
        Change lift = Lightening.of(LiftProduct.LIGHTENER, 20, 30, Setting.FOIL);
        assertThat(lift.on(dyed, new Factors(1.5, 1, 1, 1)).level())
                .isGreaterThan(lift.on(dyed).level());
        assertThat(lift.on(dyed, new Factors(1, 2, 2, 1))).isEqualTo(lift.on(dyed));
        assertThat(lift.on(dyed, new Factors(1, 1, 1, 2)).fibre().integrity())
                .isLessThan(lift.on(dyed).fibre().integrity());
        Change remover = RemoverRound.USUAL;
        assertThat(remover.on(dyed, new Factors(1, 1, 0.5, 1)).level())
                .isLessThan(remover.on(dyed).level());
        assertThat(remover.on(dyed, new Factors(2, 2, 1, 1))).isEqualTo(remover.on(dyed));
        Change toner = Application.usual(BROWN, ShadeClass.DEMI, 6);
        assertThat(toner.on(dyed, new Factors(1, 1.5, 1, 1)).level())
                .isLessThan(toner.on(dyed).level());
        assertThat(toner.on(dyed, new Factors(2, 1, 2, 2))).isEqualTo(toner.on(dyed));
    }
}
