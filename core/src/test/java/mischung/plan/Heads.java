package mischung.plan;

import java.util.ArrayList;
import java.util.List;
import mischung.hair.Band;
import mischung.hair.BandKind;
import mischung.hair.Density;
import mischung.hair.Head;
import mischung.hair.Porosity;
import mischung.hair.Strand;
import mischung.hair.Thickness;
import mischung.hair.Tone;
import mischung.hair.Zone;
import mischung.hair.ZonePlace;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;

/** Made-up heads for tests. */
public final class Heads {
    public static final List<ZonePlace> EIGHT = List.of(
            ZonePlace.FRINGE,
            ZonePlace.PARTING,
            ZonePlace.CROWN,
            ZonePlace.SIDE_LEFT,
            ZonePlace.SIDE_RIGHT,
            ZonePlace.BACK_LEFT,
            ZonePlace.BACK_RIGHT,
            ZonePlace.NAPE);

    private Heads() {}

    /** Five centimetres of natural regrowth, then 25 cm lightened. */
    public static Head grownOut(double root, double lightened, Porosity lengths) {
        return of(List.of(
                new Band(0, 5, BandKind.NATURAL, root, Tone.NATURAL, Porosity.NORMAL, 0),
                new Band(5, 30, BandKind.LIGHTENED, lightened, Tone.AS_LIFTED, lengths, 0)));
    }

    public static Head of(List<Band> bands) {
        return new Head(List.of(new Zone(ZonePlace.BACK, new Strand(bands))), Density.NORMAL, Thickness.NORMAL);
    }

    /** All eight zones alike. */
    public static Head full(List<Band> bands) {
        return zones(EIGHT.size(), bands);
    }

    /** So many zones alike. */
    public static Head zones(int count, List<Band> bands) {
        List<Zone> zones = new ArrayList<>();
        EIGHT.subList(0, count).forEach(place -> zones.add(new Zone(place, new Strand(bands))));
        return new Head(zones, Density.NORMAL, Thickness.NORMAL);
    }

    /** Any head that can be read. */
    public static Arbitrary<Head> random() {
        Arbitrary<Band> piece = Combinators.combine(
                        Arbitraries.of(BandKind.values()),
                        Arbitraries.integers().between(2, 24),
                        Arbitraries.of(Tone.values()),
                        Arbitraries.of(Porosity.values()),
                        Arbitraries.doubles().between(0, 1),
                        Arbitraries.integers().between(1, 20))
                .as((kind, halves, tone, porosity, grey, cm) -> new Band(
                        0,
                        cm,
                        kind,
                        halves / 2.0,
                        kind.tones().contains(tone) ? tone : kind.usualTone(),
                        porosity,
                        grey));
        return piece.list()
                .ofMinSize(1)
                .ofMaxSize(5)
                .list()
                .ofMinSize(1)
                .ofMaxSize(8)
                .map(strands -> {
                    List<Zone> zones = new ArrayList<>();
                    for (int i = 0; i < strands.size(); i++) {
                        zones.add(new Zone(EIGHT.get(i), new Strand(laidEndToEnd(strands.get(i)))));
                    }
                    return new Head(zones, Density.DENSE, Thickness.FINE);
                });
    }

    private static List<Band> laidEndToEnd(List<Band> pieces) {
        List<Band> bands = new ArrayList<>();
        double from = 0;
        for (Band piece : pieces) {
            bands.add(new Band(
                    from,
                    from + piece.lengthCm(),
                    piece.kind(),
                    piece.level(),
                    piece.tone(),
                    piece.porosity(),
                    piece.greyShare()));
            from += piece.lengthCm();
        }
        return bands;
    }
}
