package mischung.history;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mischung.Constants;
import mischung.hair.Band;
import mischung.hair.BandKind;
import mischung.hair.Strand;
import mischung.said.Figure;
import mischung.said.Said;
import mischung.said.Saying;

/**
 * Where dates and eyes differ.
 *
 * @param cm from the scalp, where to look again
 * @param said what each of them says
 */
public record Contradiction(double cm, Said said) {
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
                            HistoryMessage.DONE_FROM_SCALP
                                    .say()
                                    .thing("kind", first.kind())
                                    .tenth("read", seen)
                                    .said()))
                    : Optional.empty();
        }
        Border line = first.to();
        if (past.size() == 1 || line.mayBe(seen, LINE_CM)) {
            boolean allGrown = past.stream().allMatch(s -> s.kind() == BandKind.NATURAL);
            return allGrown && seen < read.lengthCm() - LINE_CM
                    ? Optional.of(new Contradiction(
                            seen,
                            HistoryMessage.NOTHING_TOLD
                                    .say()
                                    .with("found", kindAt(read, seen))
                                    .tenth("read", seen)
                                    .said()))
                    : Optional.empty();
        }
        return Optional.of(
                seen < line.fromCm()
                        ? new Contradiction(
                                seen,
                                HistoryMessage.NATURAL_TO
                                        .say()
                                        .part("line", line.said())
                                        .with("found", kindAt(read, seen))
                                        .tenth("read", seen)
                                        .said())
                        : new Contradiction(
                                line.cm(),
                                HistoryMessage.DONE_FROM
                                        .say()
                                        .thing("kind", past.get(1).kind())
                                        .part("line", line.said())
                                        .tenth("read", seen)
                                        .said()));
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

    private static Figure kindAt(Strand read, double cm) {
        return read.bands().stream()
                .filter(b -> b.fromCm() >= cm - 1e-9)
                .findFirst()
                .map(b -> b.kind() == BandKind.COLOURED ? HistoryMessage.COLOUR.figure() : Figure.Named.of(b.kind()))
                .orElseGet(HistoryMessage.SOMETHING::figure);
    }

    /** The stretch that the band's middle lies in for certain, whatever the growth. */
    private static Optional<Stretch> stretchInside(Band band, List<Stretch> past) {
        double middle = (band.fromCm() + band.toCm()) / 2;
        return past.stream()
                .filter(s -> middle >= s.from().toCm() && middle <= s.to().fromCm())
                .findFirst();
    }

    private static Optional<Contradiction> within(Band band, Stretch stretch) {
        double middle = (band.fromCm() + band.toCm()) / 2;
        boolean firstLine = band.kind() == BandKind.NATURAL || stretch.kind() == BandKind.NATURAL;
        if (band.kind().lifted() != stretch.kind().lifted() && !firstLine) {
            return Optional.of(new Contradiction(
                    middle,
                    here(HistoryMessage.LIFTED_BY_DATES, band)
                            .in("lifted", stretch.kind().lifted())
                            .thing("kind", band.kind())
                            .said()));
        }
        if (band.detail().layers() > 0
                && (band.detail().layers() < stretch.layersFrom() - 0.5
                        || band.detail().layers() > stretch.layersTo() + 0.5)) {
            return Optional.of(new Contradiction(
                    middle,
                    here(HistoryMessage.LAYERS_BY_DATES, band)
                            .part("stretch", stretch.said())
                            .tenth("marked", band.detail().layers())
                            .said()));
        }
        if (band.level() < stretch.levelFrom() - LEVELS || band.level() > stretch.levelTo() + LEVELS) {
            return Optional.of(new Contradiction(
                    middle,
                    here(HistoryMessage.SHOULD_LOOK, band)
                            .levels("levels", stretch.levelFrom(), stretch.levelTo())
                            .level("level", band.level())
                            .said()));
        }
        return Optional.empty();
    }

    private static Saying here(HistoryMessage message, Band band) {
        return message.say().tenth("from", band.fromCm()).tenth("to", band.toCm());
    }
}
