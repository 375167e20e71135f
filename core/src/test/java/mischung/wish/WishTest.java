package mischung.wish;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import mischung.hair.Band;
import mischung.hair.BandKind;
import mischung.hair.Density;
import mischung.hair.Head;
import mischung.hair.Porosity;
import mischung.hair.Strand;
import mischung.hair.Thickness;
import mischung.hair.Tone;
import mischung.hair.ToneScale;
import mischung.hair.Zone;
import mischung.hair.ZonePlace;
import mischung.light.Ciede2000;
import mischung.light.Srgb;
import mischung.said.Figure;
import mischung.said.Heard;
import mischung.said.RefusedInput;
import org.junit.jupiter.api.Test;

/** How a wish lies on the head, and which wishes cannot all be had. */
class WishTest {
    private static final Band ROOT = new Band(0, 6, BandKind.NATURAL, 6, Tone.NATURAL, Porosity.NORMAL, 0.2);
    private static final Band LENGTHS = new Band(6, 40, BandKind.LIGHTENED, 9, Tone.AS_LIFTED, Porosity.NORMAL, 0);
    private static final Head HEAD = new Head(
            List.of(
                    new Zone(ZonePlace.FRINGE, new Strand(List.of(ROOT, LENGTHS))),
                    new Zone(ZonePlace.BACK, new Strand(List.of(ROOT, LENGTHS)))),
            Density.NORMAL,
            Thickness.NORMAL);
    private static final Wish FIVE = new Wish(5, Tone.NATURAL);

    private static List<WorkedBand> fringe(Wish wish) {
        return WorkedHead.of(HEAD, wish).zones().get(0);
    }

    @Test
    void aMeltCutsTheStrandWhereItsColoursMeet() {
        Aim root = new Aim(5, Tone.NATURAL);
        Aim ends = new Aim(8, Tone.COPPER);
        List<WorkedBand> bands = fringe(new Wish(6, Tone.COPPER).with(Design.melt(root, 10, ends, 12, 0)));
        assertThat(bands).extracting(b -> b.band().toCm()).containsExactly(6.0, 10.0, 28.0, 40.0);
        assertThat(bands)
                .extracting(b -> b.aim().orElseThrow())
                .containsExactly(root, root, new Aim(6, Tone.COPPER), ends);
        double all = bands.stream().mapToDouble(b -> b.band().lengthCm()).sum();
        assertThat(all).as("worked bands tile the strand").isEqualTo(40);
    }

    @Test
    void heightsAreStaggeredFromZoneToZone() {
        Wish wish = new Wish(6, Tone.COPPER)
                .with(Design.melt(new Aim(5, Tone.NATURAL), 12, new Aim(8, Tone.COPPER), 10, 2));
        WorkedHead head = WorkedHead.of(HEAD, wish);
        assertThat(head.zones().get(0).get(1).band().toCm())
                .isNotEqualTo(head.zones().get(1).get(1).band().toCm());
    }

    @Test
    void wovenPiecesAndTheRestShareTheHair() {
        Wish wish = FIVE.with(Design.woven(Design.Kind.LOWLIGHTS, new Aim(5, Tone.NATURAL), 0.3, 6, true));
        List<WorkedBand> bands = fringe(wish);
        assertThat(bands).hasSize(4);
        assertThat(bands.get(2).weave()).isEqualTo(Weave.PIECES);
        assertThat(bands.get(3).keeps()).isTrue();
        WorkedHead head = WorkedHead.of(HEAD, wish);
        WorkedHead plain = WorkedHead.of(HEAD, FIVE);
        assertThat(head.mixGrams(head.bands())).isCloseTo(plain.mixGrams(plain.bands()), within(1e-9));
    }

    @Test
    void whatStaysStaysAndPartsGoBeforeTheDesign() {
        Wish wish = FIVE.leavingOut(Set.of(ZonePlace.FRINGE))
                .with(List.of(
                        new PartWish(Set.of(ZonePlace.BACK), 0, 3, Optional.empty()),
                        new PartWish(Set.of(), 30, 40, Optional.of(new Aim(7, Tone.GOLD)))));
        WorkedHead head = WorkedHead.of(HEAD, wish);
        assertThat(head.zones().get(0)).allSatisfy(b -> assertThat(b.keeps()).isTrue());
        List<WorkedBand> back = head.zones().get(1);
        assertThat(back.get(0).keeps()).isTrue();
        assertThat(back.get(0).band().toCm()).isEqualTo(3);
        assertThat(back.get(back.size() - 1).aim()).contains(new Aim(7, Tone.GOLD));
        assertThat(fringe(FIVE.keepingNatural()).get(0).keeps()).isTrue();
        assertThat(fringe(FIVE.with(Grey.KEPT)).get(0).keeps())
                .as("a fifth of it is grey")
                .isTrue();
    }

    @Test
    void hairToBeLiftedIsCutWhereTheScalpsWarmthEnds() {
        assertThat(fringe(new Wish(8, Tone.NATURAL)).get(0).band().toCm()).isEqualTo(WorkedHead.WARM_CM);
        assertThat(fringe(FIVE).get(0).band().toCm()).isEqualTo(6);
    }

    @Test
    void aPickedColourIsMetAsItIsAndNamedByTheNearest() {
        var copper = ToneScale.colourOf(7, Tone.COPPER);
        Aim picked = Aim.picked(copper);
        assertThat(picked.tone()).isEqualTo(Tone.COPPER);
        assertThat(picked.level()).isEqualTo(7);
        assertThat(picked.words()).isEqualTo("about 7 copper (picked)");
        assertThat(Ciede2000.between(picked.colour(), copper)).isZero();
        // #808080 is L* 53.585 by IEC 61966-2-1.
        assertThat(Aim.picked(Srgb.ofHex("#808080").toXyz().toLab()).colour().l())
                .isCloseTo(53.585, within(0.01));
        assertThatThrownBy(() -> Srgb.ofHex("808080")).isInstanceOf(RefusedInput.class);
    }

    @Test
    void contradictionsNameBothSides() {
        assertThat(Contradictions.of(HEAD, FIVE)).isEmpty();
        assertThat(Contradictions.of(HEAD, new Wish(9, Tone.ASH).with(Limits.NONE.withoutLightener())))
                .singleElement()
                .satisfies(said -> {
                    assertThat(said).matches(Heard.a(WishMessage.NO_LIGHTENER));
                    assertThat(said.figures())
                            .containsEntry("zone", new Figure.Case("no"))
                            .containsEntry("level", new Figure.Level(6))
                            .containsEntry("wish", new Figure.Part(new Aim(9, Tone.ASH).said()));
                });
        assertThat(Contradictions.of(
                        HEAD, new Wish(9, Tone.ASH).with(Limits.NONE.withoutLightenerOn(Set.of(ZonePlace.FRINGE)))))
                .singleElement()
                .satisfies(said -> {
                    assertThat(said.figures()).containsEntry("zone", new Figure.Case("yes"));
                    assertThat(Heard.figure(said, "band")).contains("zonePlace.FRINGE");
                });
        assertThat(Contradictions.of(HEAD, FIVE.keepingNatural()))
                .singleElement()
                .matches(Heard.a(WishMessage.GREY_AND_NATURAL));
        assertThat(Contradictions.of(
                        HEAD,
                        FIVE.keepingNatural()
                                .with(Grey.BLENDED)
                                .with(List.of(new PartWish(Set.of(), 0, 4, Optional.of(new Aim(5, Tone.NATURAL)))))))
                .singleElement()
                .isEqualTo(WishMessage.NATURAL_AND_COLOURED
                        .say()
                        .tenth("to", 4)
                        .part("wish", new Aim(5, Tone.NATURAL).said())
                        .said());
        assertThat(Contradictions.of(HEAD, FIVE.leavingOut(Set.of(ZonePlace.FRINGE, ZonePlace.BACK))))
                .singleElement()
                .isEqualTo(WishMessage.ALL_STAYS.say().part("wish", FIVE.said()).said());
        Design light = Design.woven(Design.Kind.LOWLIGHTS, new Aim(8, Tone.NATURAL), 0.3, 6, false);
        assertThat(Contradictions.of(HEAD, FIVE.with(light)))
                .singleElement()
                .matches(Heard.a(WishMessage.LOWLIGHTS_ARE_LIGHTER));
        Design tips = new Design(
                Design.Kind.TIPS,
                Optional.empty(),
                Optional.of(new Aim(7, Tone.RED)),
                Optional.empty(),
                5,
                4,
                0,
                0.5,
                6,
                false);
        assertThat(Contradictions.of(HEAD, FIVE.with(tips).with(Limits.NONE.withTrim(5))))
                .singleElement()
                .isEqualTo(WishMessage.TIPS_CUT_OFF
                        .say()
                        .tenth("tips", 4)
                        .tenth("trim", 5)
                        .said());
    }
}
