package mischung.history;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mischung.Constants;
import mischung.hair.Band;
import mischung.hair.BandKind;
import mischung.hair.LevelScale;
import mischung.hair.Strand;

/**
 * Where dates and eyes differ.
 *
 * @param cm from the scalp, where to look again
 * @param sentence what each of them says
 */
public record Contradiction(double cm, String sentence) {
    private static final double LINE_CM = Constants.in("history").of("line read to");

    /** Readings may differ from the model's guess by this many levels before it is worth a word. */
    private static final double LEVELS = 1;

    /** Every contradiction between a strand as read and its past, from the scalp down. */
    public static List<Contradiction> between(Strand read, List<Stretch> past) {
        List<Contradiction> all = new ArrayList<>();
        naturalEnd(read, past).ifPresent(all::add);
        for (Band band : read.bands()) {
            stretchInside(band, past).ifPresent(stretch -> within(band, stretch).ifPresent(all::add));
        }
        return all;
    }

    private static Optional<Contradiction> naturalEnd(Strand read, List<Stretch> past) {
        double seen = naturalUntil(read);
        Stretch first = past.get(0);
        boolean grown = first.kind() == BandKind.NATURAL;
        if (!grown) {
            return seen > LINE_CM
                    ? Optional.of(new Contradiction(
                            seen,
                            "History says " + first.kind().words() + " from the scalp on, you read natural to "
                                    + LevelScale.figure(seen) + " cm."))
                    : Optional.empty();
        }
        Border line = first.to();
        if (past.size() == 1 || line.mayBe(seen, LINE_CM)) {
            boolean allGrown = past.stream().allMatch(s -> s.kind() == BandKind.NATURAL);
            return allGrown && seen < read.lengthCm() - LINE_CM
                    ? Optional.of(new Contradiction(
                            seen,
                            "History tells of nothing on this hair, you read " + kindAt(read, seen) + " at "
                                    + LevelScale.figure(seen) + " cm. Ask what was left out."))
                    : Optional.empty();
        }
        return Optional.of(
                seen < line.fromCm()
                        ? new Contradiction(
                                seen,
                                "History says natural to " + line.words() + ", you read " + kindAt(read, seen) + " at "
                                        + LevelScale.figure(seen) + " cm.")
                        : new Contradiction(
                                line.cm(),
                                "History says " + past.get(1).kind().words() + " from " + line.words()
                                        + " on, you read natural to " + LevelScale.figure(seen) + " cm."));
    }

    private static double naturalUntil(Strand read) {
        double until = 0;
        for (Band band : read.bands()) {
            if (band.kind() != BandKind.NATURAL) {
                break;
            }
            until = band.toCm();
        }
        return until;
    }

    private static String kindAt(Strand read, double cm) {
        return read.bands().stream()
                .filter(b -> b.fromCm() >= cm - 1e-9)
                .findFirst()
                .map(b -> b.kind() == BandKind.COLOURED ? "colour" : b.kind().words())
                .orElse("something");
    }

    /** The stretch that the band's middle lies in for certain, whatever the growth. */
    private static Optional<Stretch> stretchInside(Band band, List<Stretch> past) {
        double middle = (band.fromCm() + band.toCm()) / 2;
        return past.stream()
                .filter(s -> middle >= s.from().toCm() && middle <= s.to().fromCm())
                .findFirst();
    }

    private static Optional<Contradiction> within(Band band, Stretch stretch) {
        String where = LevelScale.figure(band.fromCm()) + "–" + LevelScale.figure(band.toCm()) + " cm";
        double middle = (band.fromCm() + band.toCm()) / 2;
        boolean firstLine = band.kind() == BandKind.NATURAL || stretch.kind() == BandKind.NATURAL;
        if (band.kind().lifted() != stretch.kind().lifted() && !firstLine) {
            return Optional.of(new Contradiction(
                    middle,
                    "By the dates " + where + " was " + (stretch.kind().lifted() ? "" : "never ")
                            + "lightened, you read " + band.kind().words() + "."));
        }
        if (band.detail().layers() > 0
                && (band.detail().layers() < stretch.layersFrom() - 0.5
                        || band.detail().layers() > stretch.layersTo() + 0.5)) {
            return Optional.of(new Contradiction(
                    middle,
                    "By the dates " + where + " was " + stretch.words() + "; you marked "
                            + LevelScale.figure(band.detail().layers()) + "."));
        }
        if (band.level() < stretch.levelFrom() - LEVELS || band.level() > stretch.levelTo() + LEVELS) {
            return Optional.of(new Contradiction(
                    middle,
                    "By what was done " + where + " should look about level " + LevelScale.words(stretch.levelFrom())
                            + "–"
                            + LevelScale.words(stretch.levelTo()) + ", you read " + LevelScale.words(band.level())
                            + ". Look again, or ask what was left out."));
        }
        return Optional.empty();
    }
}
