package mischung.validation;

import static mischung.validation.Check.atLeast;
import static mischung.validation.Check.atMost;
import static mischung.validation.Check.between;
import static mischung.validation.Check.none;
import static mischung.validation.Sample.lightener;
import static mischung.validation.Sample.natural;

import java.util.ArrayList;
import java.util.List;
import mischung.hair.Canvas;
import mischung.hair.Elasticity;
import mischung.hair.Fibre;
import mischung.hair.PigmentLine;
import mischung.hair.Porosity;
import mischung.hair.Reading;
import mischung.hair.Thickness;
import mischung.process.Care;
import mischung.process.Course;
import mischung.said.Unit;
import mischung.uncertainty.Calibration;
import mischung.uncertainty.Factor;
import mischung.uncertainty.Learned;
import mischung.uncertainty.Start;
import mischung.uncertainty.StrandTest;

/** Strength, treatments, strand tests and ranges: rules R38, R39 and the program's own claims. */
final class StrengthChecks {
    private StrengthChecks() {}

    static List<Check> all() {
        List<Check> checks = new ArrayList<>();
        stretch(checks);
        learning(checks);
        ranges(checks);
        return checks;
    }

    private static void stretch(List<Check> checks) {
        Canvas once = lightener(20, 45).on(natural(6));
        checks.add(atLeast(
                "R39",
                CheckMessage.SPRINGS_BACK.alone(),
                Elasticity.SPRINGS_BACK.from(),
                Unit.NONE,
                once.fibre().integrity()));
        Canvas fragile = new Canvas(
                PigmentLine.LIFTED.at(9), Reading.WHITE_FIBRE, 0, Fibre.read(Thickness.FINE, Porosity.VERY_HIGH));
        Canvas overdone = lightener(40, 50).on(fragile);
        checks.add(atMost(
                "R39",
                CheckMessage.STAYS_STRETCHED.alone(),
                Elasticity.RETURNS_SLOWLY.from(),
                Unit.NONE,
                overdone.fibre().integrity()));
        Canvas treated = overdone;
        for (int i = 0; i < 20; i++) {
            treated = new Care(Care.Kind.BOND, 20).on(treated);
        }
        checks.add(atMost(
                        "strength",
                        CheckMessage.BOND_CEILING.alone(),
                        0,
                        Unit.NONE,
                        treated.fibre().integrity() - overdone.fibre().ceiling())
                .on(Check.Basis.OWN_CLAIM));
        checks.add(between("R63", CheckMessage.BOND_TIME.alone(), 4, 20, Unit.MIN, fullBond()));
    }

    private static double fullBond() {
        Canvas worn = natural(6).with(natural(6).fibre().spent(0.3));
        double full = new Care(Care.Kind.BOND, 60).on(worn).fibre().integrity();
        for (int minutes = 0; minutes <= 60; minutes++) {
            if (new Care(Care.Kind.BOND, minutes).on(worn).fibre().integrity() >= full - 1e-12) {
                return minutes;
            }
        }
        return 60;
    }

    private static void learning(List<Check> checks) {
        Start start = Start.of(natural(6));
        Course course = Course.of(lightener(20, 40));
        double expected = course.on(start.best(), Calibration.none().factors()).level();
        Learned as = Calibration.none().learn(StrandTest.byEye(start, course, expected));
        checks.add(atMost(
                "R38",
                CheckMessage.FIRST_SECTION.alone(),
                0.95,
                Unit.TIMES,
                as.after().spread(Factor.LIFT) / Factor.LIFT.spread()));
        checks.add(between(
                        "learning",
                        CheckMessage.AS_PREDICTED.alone(),
                        0.99,
                        1.01,
                        Unit.NONE,
                        as.after().median(Factor.LIFT))
                .on(Check.Basis.OWN_CLAIM));
        Learned lighter = Calibration.none().learn(StrandTest.byEye(start, course, expected + 0.75));
        checks.add(atLeast(
                        "learning",
                        CheckMessage.LIGHTER_THAN_PREDICTED.alone(),
                        1.03,
                        Unit.NONE,
                        lighter.after().median(Factor.LIFT))
                .on(Check.Basis.OWN_CLAIM));
        Learned absurd = Calibration.none().learn(StrandTest.byEye(start, course, 4));
        checks.add(none(
                        "learning",
                        CheckMessage.FLAGGED.alone(),
                        Unit.NONE,
                        absurd.after().median(Factor.LIFT) - 1)
                .on(Check.Basis.OWN_CLAIM));
    }

    private static void ranges(List<Check> checks) {
        CoverageTrial trial = CoverageTrial.run(200, 48, 7);
        for (double claim : new double[] {0.5, 0.8, 0.95}) {
            double slack = 3 * Math.sqrt(claim * (1 - claim) / trial.heads());
            checks.add(between(
                            "ranges",
                            CheckMessage.RANGES
                                    .say()
                                    .count("heads", trial.heads())
                                    .count("claim", Math.rint(100 * claim))
                                    .said(),
                            claim - slack,
                            Math.min(1, claim + slack),
                            Unit.NONE,
                            trial.held(claim))
                    .on(Check.Basis.OWN_CLAIM));
        }
    }
}
