package mischung.caution;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import mischung.change.Application;
import mischung.change.Care;
import mischung.change.Change;
import mischung.change.Cover;
import mischung.change.LiftProduct;
import mischung.change.Lightening;
import mischung.change.Place;
import mischung.change.RemoverRound;
import mischung.change.Setting;
import mischung.change.Washing;
import mischung.hair.Canvas;
import mischung.hair.Dyes;
import mischung.hair.Fibre;
import mischung.hair.PigmentLine;
import mischung.hair.Porosity;
import mischung.hair.Reading;
import mischung.hair.Thickness;
import mischung.product.DirectHue;
import mischung.product.ShadeClass;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Common practice: what can hurt is said where it is decided. */
class CautionsTest {
    private static final Canvas HAIR = Canvas.of(PigmentLine.NATURAL.at(6), Porosity.NORMAL);

    private static List<Caution> before(Change change) {
        return Cautions.of(change, change.on(HAIR).fibre());
    }

    private static List<String> titles(List<Caution> cautions) {
        return cautions.stream().map(Caution::title).toList();
    }

    @ParameterizedTest
    @CsvSource({
        "LIGHTENER, 20, MIDS, false",
        "LIGHTENER, 20, SCALP, false",
        "LIGHTENER, 30, SCALP, true",
        "LIGHTENER, 40, SCALP, true",
        "LIGHTENER, 40, MIDS, false",
        "LIGHTEST_TINT, 40, SCALP, true",
        "PERMANENT_TINT, 20, SCALP, false"
    })
    void strongDeveloperStaysOffTheScalp(LiftProduct product, double volume, Place place, boolean warned) {
        Change change = Lightening.of(product, volume, 30, Setting.FOIL.at(place));
        List<Caution> cautions = before(change);
        assertThat(titles(cautions).contains("Strong developer at the scalp")).isEqualTo(warned);
        assertThat(titles(cautions)).contains("What lies on the hair");
        assertThat(titles(cautions).contains("Patch test"))
                .as("oxidative colour, not lightener")
                .isEqualTo(!product.takesDye());
    }

    @Test
    void permanentColourOfFortyVolumeAtTheScalpIsWarnedOfToo() {
        Application usual = Application.usual(Dyes.NONE, ShadeClass.PERMANENT, 40);
        Application atScalp = usual.laid(Setting.OPEN.at(Place.SCALP));
        assertThat(titles(before(usual))).containsExactly("Patch test", "What lies on the hair");
        assertThat(titles(before(atScalp))).contains("Strong developer at the scalp");
    }

    @Test
    void foilAndWarmthTogetherAreWarnedOf() {
        Lightening warm = Lightening.of(LiftProduct.LIGHTENER, 20, 20, Setting.FOIL.withHeat());
        Lightening film = Lightening.of(
                LiftProduct.LIGHTENER, 20, 20, Setting.FOIL.under(Cover.FILM).withHeat());
        assertThat(titles(before(warm))).contains("Foil and warmth");
        assertThat(titles(before(film))).doesNotContain("Foil and warmth");
    }

    /** R31. */
    @Test
    void theCleanseMixStaysOffTheScalp() {
        Setting open = Setting.FOIL.under(Cover.OPEN);
        assertThat(titles(before(Lightening.of(LiftProduct.CLEANSE_MIX, 20, 15, open.at(Place.SCALP)))))
                .contains("Cleanse mix");
        assertThat(titles(before(Lightening.of(LiftProduct.CLEANSE_MIX, 40, 15, open))))
                .doesNotContain("Cleanse mix");
    }

    /** R39. */
    @Test
    void hairThatWouldNotReturnIsWarnedOf() {
        Canvas fragile = new Canvas(
                PigmentLine.LIFTED.at(9), Reading.WHITE_FIBRE, 0, Fibre.read(Thickness.FINE, Porosity.VERY_HIGH));
        Change strong = Lightening.of(LiftProduct.LIGHTENER, 40, 50, Setting.FOIL);
        List<Caution> cautions = Cautions.of(strong, strong.on(fragile).fibre());
        assertThat(cautions.get(cautions.size() - 1).title()).isEqualTo("Strength");
        assertThat(cautions.get(cautions.size() - 1).strength()).isEqualTo(Caution.Strength.WARN);
        assertThat(titles(before(strong))).doesNotContain("Strength");
    }

    @Test
    void whatIsHarmlessIsNotTalkedOf() {
        assertThat(before(Washing.times(5))).isEmpty();
        assertThat(before(new Care(Care.Kind.BOND, 10))).isEmpty();
        assertThat(before(RemoverRound.USUAL)).isEmpty();
        assertThat(titles(before(Application.usual(DirectHue.BLUE.dyes(), ShadeClass.DIRECT, 0))))
                .as("no developer, no reaction with metal")
                .containsExactly("Patch test");
    }
}
