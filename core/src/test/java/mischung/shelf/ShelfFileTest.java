package mischung.shelf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import mischung.hair.Band;
import mischung.hair.BandKind;
import mischung.hair.Dyes;
import mischung.hair.Porosity;
import mischung.hair.Reading;
import mischung.hair.Tone;
import mischung.light.Lab;
import mischung.process.Application;
import mischung.process.Factors;
import mischung.product.ProductRange;
import mischung.product.Shade;
import mischung.product.ShadeClass;
import mischung.said.RefusedInput;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Ranges as they are brought and taken along. */
class ShelfFileTest {
    private static Map<String, String> line(String... cells) {
        Map<String, String> line = new HashMap<>(Map.of(
                "kind", "shade", "code", "x-1", "class", "demi", "level", "6", "tone", "copper", "pack_g", "60"));
        for (int i = 0; i < cells.length; i += 2) {
            line.put(cells[i], cells[i + 1]);
        }
        return line;
    }

    private static Item read(Map<String, String> line) {
        return ShelfFile.read("Salon", column -> line.getOrDefault(column, ""));
    }

    private static Dyes dyes(String... cells) {
        return read(line(cells)).product().shade().orElseThrow().dyes();
    }

    @Test
    void aToneInAWordIsTheShadeAMakerWouldBuild() {
        assertThat(dyes())
                .isEqualTo(Shade.derived(ShadeClass.DEMI, 6, Tone.COPPER).dyes());
        assertThat(read(line("tone", "clear", "level", ""))
                        .product()
                        .shade()
                        .orElseThrow()
                        .isClear())
                .isTrue();
    }

    @Test
    void aToneInPartsIsTheMeanOfThem() {
        Dyes copper = dyes();
        Dyes gold = dyes("tone", "gold");
        Dyes mixed = dyes("tone", "2 copper + 1 gold");
        assertThat(mixed.red()).isCloseTo((2 * copper.red() + gold.red()) / 3, within(1e-12));
        assertThat(mixed.yellow()).isCloseTo((2 * copper.yellow() + gold.yellow()) / 3, within(1e-12));
        assertThat(read(line("tone", "2 copper + 1 gold"))
                        .product()
                        .shade()
                        .orElseThrow()
                        .tone())
                .contains(Tone.COPPER);
    }

    /** White hair is coloured with a shade of known dye by the model, looked at, and the shade found again from its look. */
    @ParameterizedTest
    @CsvSource({"DEMI, COPPER, 6", "PERMANENT, NATURAL, 5", "COVERAGE, GOLD, 7", "DEMI, VIOLET, 9", "GLOSS, RED, 6"})
    void aMeasuredSwatchOnWhiteHairGivesTheDyesBack(ShadeClass of, Tone tone, double level) {
        Shade known = Shade.derived(of, level, tone);
        Lab swatch = Application.usual(known.dyes(), of, 0)
                .on(
                        Reading.canvasOf(new Band(0, 10, BandKind.NATURAL, 6, Tone.NATURAL, Porosity.NORMAL, 1)),
                        Factors.AVERAGE)
                .lab();
        Shade found = read(line(
                        "class",
                        of.name().toLowerCase(java.util.Locale.ROOT),
                        "level",
                        Double.toString(level),
                        "tone",
                        String.format(java.util.Locale.ROOT, "lab %.3f %.3f %.3f", swatch.l(), swatch.a(), swatch.b())))
                .product()
                .shade()
                .orElseThrow();
        assertThat(found.misfit()).isLessThan(0.3);
        assertThat(found.dyes().total())
                .isCloseTo(known.dyes().total(), within(0.12 * known.dyes().total() + 0.01));
    }

    @Test
    void theMakersOwnRatioAndTimeAreKept() {
        assertThat(read(line("ratio", "1.5", "minutes", "25")).product().habit())
                .isEqualTo(new ProductRange.Habit(1.5, 25));
        assertThat(read(line()).product().habit()).isEqualTo(new ProductRange.Habit(2, 20));
    }

    /** What is written is read again as the same, whatever was on the shelf. */
    @Test
    void aWholeShelfSurvivesTheWay() {
        for (Item item : DemoShelf.items()) {
            List<String> cells = ShelfFile.write(item);
            Item again = ShelfFile.read(item.product().range(), column -> cells.get(ShelfFile.COLUMNS.indexOf(column)));
            // What is no shade is read with the ratio of nothing.
            assertThat(again.stock()).isEqualTo(item.stock());
            assertThat(again.product().shade()).isEqualTo(item.product().shade());
            assertThat(ShelfFile.write(again)).isEqualTo(cells);
        }
    }

    @ParameterizedTest
    @CsvSource({
        "kind, tube",
        "class, semi",
        "level, 11",
        "level, 6.3",
        "level, ''",
        "tone, turquoise",
        "tone, 2 copper 1 gold",
        "tone, lab 300 0 0",
        "tone, 1 copper + 1 copper",
        "ratio, 9",
        "minutes, long",
        "pack_g, 0",
        "pack_g, ''",
        "pack_price, NaN",
        "packs, 1.5",
        "opened_g, 70",
        "low_g, -1",
        "code, ''",
        "name, '012345678901234567890123456789012345678901234567890123456789012345678901234567890'"
    })
    void whatCannotBeIsNamedByItsColumn(String column, String cell) {
        assertThatThrownBy(() -> read(line(column, cell)))
                .isInstanceOfSatisfying(
                        RefusedInput.class,
                        refused -> assertThat(refused.field()).isEqualTo(column));
    }

    /** Whatever stands in the cells: a product, or a refusal that names a column. */
    @Property(tries = 400)
    void anythingIsReadOrRefused(
            @ForAll("cells") String kind,
            @ForAll("cells") String of,
            @ForAll("cells") String level,
            @ForAll("cells") String tone,
            @ForAll("cells") String figure,
            @ForAll("cells") String packs) {
        Map<String, String> line = line(
                "kind",
                kind,
                "class",
                of,
                "level",
                level,
                "tone",
                tone,
                "ratio",
                figure,
                "pack_g",
                figure,
                "packs",
                packs,
                "opened_g",
                packs,
                "volume",
                figure,
                "low_g",
                figure);
        try {
            Item item = read(line);
            assertThat(item.product().packGrams()).isBetween(1.0, 20_000.0);
            assertThat(ShelfFile.read("Salon", column -> ShelfFile.write(item).get(ShelfFile.COLUMNS.indexOf(column)))
                            .product()
                            .code())
                    .isEqualTo(item.product().code());
        } catch (RefusedInput refused) {
            assertThat(refused.field())
                    .isIn(ShelfFile.COLUMNS.stream().map(Object.class::cast).toList());
        }
    }

    @Provide
    Arbitrary<String> cells() {
        return Arbitraries.oneOf(
                Arbitraries.of(
                        "shade",
                        "developer",
                        "other",
                        "demi",
                        "direct",
                        "gold",
                        "clear",
                        "2 red + 1 ash",
                        "lab 30 12 9",
                        "lab 5 80 -80",
                        "6",
                        "10",
                        "1.5",
                        "60",
                        "0",
                        "-1",
                        "",
                        " ",
                        "1e300",
                        "NaN",
                        "Infinity",
                        "0x10",
                        "1 2 3"),
                Arbitraries.strings().all().ofMaxLength(12));
    }

    @Test
    void developersNeedTheirVolume() {
        Map<String, String> developer = line("kind", "developer", "volume", "20", "pack_g", "1000", "packs", "2");
        assertThat(read(developer).product().volume()).isEqualTo(20);
        developer.put("volume", "60");
        assertThatThrownBy(() -> read(developer)).hasMessageContaining("TOO_STRONG");
    }
}
