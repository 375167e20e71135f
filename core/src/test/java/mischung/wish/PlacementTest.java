package mischung.wish;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.DoubleStream;
import mischung.hair.BandRef;
import mischung.hair.Head;
import mischung.hair.Tone;
import mischung.hair.ZonePlace;
import mischung.plan.Heads;
import mischung.product.HairAmount;
import mischung.wish.Layer.Purpose;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;

/** Layers over layers: whatever they are, all hair is accounted for and the last that speaks of some hair is heard. */
class PlacementTest {
    @Provide
    Arbitrary<Head> heads() {
        return Heads.random();
    }

    private static Arbitrary<Aim> aims() {
        return Combinators.combine(
                        Arbitraries.integers().between(8, 20), Arbitraries.of(Tone.NATURAL, Tone.GOLD, Tone.ASH))
                .as((halves, tone) -> new Aim(halves / 2.0, tone));
    }

    private static Arbitrary<What> whats() {
        Arbitrary<What> colour = aims().map(What::colour);
        Arbitrary<What> along = Combinators.combine(
                        aims(),
                        aims(),
                        aims(),
                        Arbitraries.doubles().between(0.3, 15),
                        Arbitraries.doubles().between(0, 4))
                .as((root, mids, ends, cm, stagger) ->
                        new What.Along(Optional.of(root), mids, Optional.of(ends), cm, cm, stagger, 2));
        return Arbitraries.oneOf(colour, along, Arbitraries.just(What.stays()));
    }

    private static Arbitrary<Pattern> patterns() {
        return Arbitraries.oneOf(
                Arbitraries.just(Pattern.all()),
                Arbitraries.doubles().between(0.05, 0.95).map(share -> new Pattern.Weave(share, 3)),
                Arbitraries.integers().between(2, 5).map(nth -> new Pattern.Slices(nth, 3)),
                Arbitraries.doubles().between(0.2, 1).map(share -> new Pattern.Panels(4, share)),
                Arbitraries.integers().between(1, 5).map(Pattern.Frame::new));
    }

    private static Arbitrary<Region> regions() {
        return Combinators.combine(
                        Arbitraries.of(ZonePlace.values()).set().ofMaxSize(4),
                        Arbitraries.doubles().between(0, 30),
                        Arbitraries.doubles().between(0, 20),
                        Arbitraries.of(0.0, 0.5, 4.0))
                .as((places, from, up, feather) ->
                        new Region(places, Edge.fromScalp(from), Edge.fromEnds(up), Region.Which.ANY, feather));
    }

    @Provide
    Arbitrary<List<Layer>> layers() {
        return Combinators.combine(
                        Arbitraries.of(Purpose.COLOUR, Purpose.ROOT_TAP, Purpose.LOWLIGHT),
                        regions(),
                        patterns(),
                        whats(),
                        whats())
                .as((purpose, region, pattern, one, other) -> pattern instanceof Pattern.Panels
                        ? Layer.of(purpose, region, pattern, one, other)
                        : Layer.of(purpose, region, pattern, one))
                .list()
                .ofMinSize(1)
                .ofMaxSize(5);
    }

    @Property(tries = 150)
    void massesOfAllPiecesAddToTheHeadAndEveryHairIsSpokenOfOnce(
            @ForAll("heads") Head head, @ForAll("layers") List<Layer> layers) {
        WorkedHead worked = WorkedHead.of(head, new Wish(7, Tone.NATURAL).over(layers));
        for (int zone = 0; zone < head.zones().size(); zone++) {
            int z = zone;
            double read = 0;
            for (int b = 0; b < head.zones().get(z).strand().bands().size(); b++) {
                read += HairAmount.mixGrams(head, List.of(new BandRef(z, b)));
            }
            double pieces = worked.mixGrams(
                    worked.bands().stream().filter(at -> at.zone() == z).toList());
            assertThat(pieces).isCloseTo(read, within(1e-6 * Math.max(1, read)));
            List<WorkedBand> all = worked.zones().get(z);
            for (WorkedBand one : all) {
                Set<Integer> groups = new HashSet<>();
                double share = 0;
                for (WorkedBand other : all) {
                    if (other.band().fromCm() == one.band().fromCm()) {
                        assertThat(groups).doesNotContainAnyElementsOf(other.groups());
                        groups.addAll(other.groups());
                        share += other.share();
                    }
                }
                assertThat(share).isCloseTo(1, within(1e-9));
            }
        }
    }

    @Property(tries = 100)
    void theLastLayerIsHeard(
            @ForAll("heads") Head head, @ForAll("layers") List<Layer> layers, @ForAll("regionsOf") Region region) {
        Aim last = new Aim(4.5, Tone.MAHOGANY);
        List<Layer> more = new ArrayList<>(layers);
        more.add(Layer.of(Purpose.COLOUR, region, What.colour(last)));
        WorkedHead before = WorkedHead.of(head, new Wish(7, Tone.NATURAL).over(layers));
        WorkedHead after = WorkedHead.of(head, new Wish(7, Tone.NATURAL).over(more));
        for (BandRef at : after.bands()) {
            WorkedBand piece = after.at(at);
            double middle = (piece.band().fromCm() + piece.band().toCm()) / 2;
            var zone = head.zones().get(at.zone());
            boolean inside = region.holds(zone.place(), zone.strand(), piece.band(), middle);
            assertThat(piece.aim().filter(last::equals).isPresent()).isEqualTo(inside);
            if (inside) {
                assertThat(piece.weave()).isEqualTo(mischung.wish.Weave.ALL);
            }
        }
        assertThat(before.zones()).hasSameSizeAs(after.zones());
    }

    @Provide
    Arbitrary<Region> regionsOf() {
        return regions();
    }

    /** A woven layer over others has its share of every zone it is for, whatever lay there. */
    @Property(tries = 100)
    void aLaterWeaveHasItsWholeShare(@ForAll("heads") Head head, @ForAll("layers") List<Layer> layers) {
        Aim last = new Aim(4.5, Tone.MAHOGANY);
        List<Layer> more = new ArrayList<>(layers);
        more.add(Layer.of(Purpose.COLOUR, Region.ALL, new Pattern.Weave(0.35, 3), What.colour(last)));
        WorkedHead worked = WorkedHead.of(head, new Wish(7, Tone.NATURAL).over(more));
        for (BandRef at : worked.bands()) {
            double share = worked.zones().get(at.zone()).stream()
                    .filter(piece -> piece.band().fromCm() == worked.band(at).fromCm()
                            && piece.aim().filter(last::equals).isPresent())
                    .mapToDouble(WorkedBand::share)
                    .sum();
            assertThat(share).isCloseTo(0.35, within(1e-9));
        }
    }

    @Property(tries = 100)
    void mirroredTwiceIsTheSame(@ForAll("layers") List<Layer> layers) {
        assertThat(layers.stream().map(Layer::mirror).map(Layer::mirror).toList())
                .isEqualTo(layers);
    }

    /**
     * Down any hairs no feather reaches into another or past the hair, and there is one only where a layer asks for it; so the mean over
     * the strand is that of its stretches (reckoned apart, millimetre by millimetre).
     */
    @Property(tries = 60)
    void feathersLeaveTheMeanOfTheStrand(@ForAll("heads") Head head, @ForAll("layers") List<Layer> layers) {
        WorkedHead worked = WorkedHead.of(head, new Wish(7, Tone.NATURAL).over(layers));
        double asked = layers.stream()
                .flatMapToDouble(layer -> DoubleStream.concat(
                        DoubleStream.of(layer.region().featherCm()),
                        layer.whats().stream().mapToDouble(What::featherCm)))
                .max()
                .orElse(0);
        for (int zone = 0; zone < head.zones().size(); zone++) {
            int z = zone;
            Set<Integer> groups = new HashSet<>();
            worked.zones().get(z).forEach(piece -> groups.addAll(piece.groups()));
            for (int group : groups) {
                List<BandRef> down = worked.bands().stream()
                        .filter(at -> at.zone() == z && worked.at(at).groups().contains(group))
                        .sorted(Comparator.comparingDouble(at -> worked.band(at).fromCm()))
                        .toList();
                double feathered = 0;
                double plain = 0;
                double before = 0;
                for (int i = 0; i < down.size(); i++) {
                    double length = worked.band(down.get(i)).lengthCm();
                    while (i + 1 < down.size() && alike(worked.at(down.get(i)), worked.at(down.get(i + 1)))) {
                        length += worked.band(down.get(++i)).lengthCm();
                    }
                    double after = i + 1 < down.size() ? worked.feather(down.get(i), down.get(i + 1)) : 0;
                    assertThat(after).isLessThanOrEqualTo(asked);
                    assertThat(before / 2 + after / 2).isLessThanOrEqualTo(length + 1e-9);
                    double level = level(worked, down.get(i));
                    plain += level * length;
                    feathered += level * (length - before / 2 - after / 2);
                    for (int mm = 0; after > 0 && mm < 100; mm++) {
                        double share = (mm + 0.5) / 100;
                        feathered += after / 100 * ((1 - share) * level + share * level(worked, down.get(i + 1)));
                    }
                    before = after;
                }
                assertThat(feathered).isCloseTo(plain, within(1e-6));
            }
        }
    }

    private static double level(WorkedHead worked, BandRef at) {
        return worked.at(at).aim().map(Aim::level).orElse(1.0);
    }

    private static boolean alike(WorkedBand one, WorkedBand next) {
        return one.layer() == next.layer() && one.part() == next.part();
    }

    @Property(tries = 60)
    void whatIsSwitchedOffIsNotMeant(@ForAll("heads") Head head, @ForAll("layers") List<Layer> layers) {
        Wish wish = new Wish(7, Tone.NATURAL);
        List<Layer> off = layers.stream().map(layer -> layer.on(false)).toList();
        WorkedHead plain = WorkedHead.of(head, wish);
        WorkedHead worked = WorkedHead.of(head, wish.over(off));
        assertThat(worked.zones()).isEqualTo(plain.zones());
    }
}
