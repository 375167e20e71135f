package mischung.product;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import mischung.DataFile;
import mischung.said.RefusalMessage;
import mischung.said.RefusedInput;
import mischung.said.Said;
import mischung.said.Saying;
import mischung.said.Unit;

/**
 * A lightener with what it does of its own (R59b). A strand test says what it does on this hair.
 *
 * <table>
 * <caption>components</caption>
 * <tr><td>code</td><td>of the product; empty: none in particular</td><td>up to 40 characters</td></tr>
 * <tr><td>name</td><td>as it is spoken of</td><td>1–80 characters</td></tr>
 * <tr><td>ratio</td><td>weight of developer to one of it</td><td>0.5–6</td></tr>
 * <tr><td>speed</td><td>how fast it lifts beside plain powder</td><td>0.2–2</td></tr>
 * <tr><td>harshness</td><td>strength it costs for the same lift, beside plain powder</td><td>0.2–2</td></tr>
 * <tr><td>mostVolume</td><td>strongest developer its maker allows</td><td>5–40 vol</td></tr>
 * <tr><td>mostLevels</td><td>it is promised to lift</td><td>1–9</td></tr>
 * <tr><td>scalp</td><td>whether it may touch the scalp</td><td></td></tr>
 * <tr><td>openAir</td><td>whether it works open without drying</td><td></td></tr>
 * <tr><td>additive</td><td>what is stirred into it</td><td>empty: nothing</td></tr>
 * </table>
 */
public record Lightener(
        String code,
        String name,
        double ratio,
        double speed,
        double harshness,
        double mostVolume,
        double mostLevels,
        boolean scalp,
        boolean openAir,
        Optional<Additive> additive) {
    /** What the model is set for, wherever no product is named. */
    public static final Lightener PLAIN = new Lightener("", "lightener", 2, 1, 1, 40, 8, true, false, Optional.empty());

    /**
     * What is stirred into lightener so that it tones a little while it lifts.
     *
     * @param cools violet and blue direct dye it leaves in full time, in the unit of {@link mischung.hair.Dyes}, 0–0.2
     * @param share of the bowl's weight, 0.005–0.2
     */
    public record Additive(String code, String name, double cools, double share) {
        public Additive {
            RefusedInput.within("cools", cools, 0, 0.2, Unit.NONE);
            RefusedInput.within("share", share, 0.005, 0.2, Unit.OF_THE_BOWL);
            line("additive", code, 1, LONGEST_CODE);
            line("additive", name, 1, LONGEST_NAME);
        }
    }

    private static final int LONGEST_CODE = 40;
    private static final int LONGEST_NAME = 80;

    public Lightener {
        line("code", code, 0, LONGEST_CODE);
        line("name", name, 1, LONGEST_NAME);
        RefusedInput.within("ratio", ratio, 0.5, 6, Unit.TO_ONE);
        RefusedInput.within("speed", speed, 0.2, 2, Unit.PLAIN_POWDER);
        RefusedInput.within("harshness", harshness, 0.2, 2, Unit.PLAIN_POWDER);
        RefusedInput.within("most_volume", mostVolume, 5, 40, Unit.VOL);
        RefusedInput.within("most_levels", mostLevels, 1, 9, Unit.LEVELS);
    }

    private static void line(String field, String text, int shortest, int longest) {
        if (text.length() < shortest || text.length() > longest || text.chars().anyMatch(Character::isISOControl)) {
            throw new RefusedInput(
                    field,
                    text,
                    RefusalMessage.ONE_LINE
                            .say()
                            .count("least", shortest)
                            .count("most", longest)
                            .said());
        }
    }

    public Lightener with(Optional<Additive> stirredIn) {
        return new Lightener(code, name, ratio, speed, harshness, mostVolume, mostLevels, scalp, openAir, stirredIn);
    }

    /** "mild lightener", "lightening powder with cooling drops". */
    public Said said() {
        Saying called = (additive.isPresent() ? ProductMessage.LIGHTENER_WITH : ProductMessage.LIGHTENER)
                .say()
                .typed("name", name);
        additive.ifPresent(one -> called.typed("additive", one.name()));
        return called.said();
    }

    /** "mild lightener", "lightening powder with cooling drops". */
    public String words() {
        return name + additive.map(one -> " with " + one.name()).orElse("");
    }

    /** Of the made-up range that ships. */
    static List<Lightener> demo() {
        DataFile lines = DataFile.of(Lightener.class, "lighteners.csv");
        List<Lightener> all = new ArrayList<>();
        for (int row = 0; row < lines.size(); row++) {
            all.add(new Lightener(
                    lines.text(row, "code"),
                    lines.text(row, "name"),
                    lines.number(row, "ratio"),
                    lines.number(row, "speed"),
                    lines.number(row, "harshness"),
                    lines.number(row, "most_volume"),
                    lines.number(row, "most_levels"),
                    yes(lines.text(row, "scalp")),
                    yes(lines.text(row, "open_air")),
                    Optional.empty()));
        }
        return all;
    }

    private static boolean yes(String word) {
        return word.toLowerCase(Locale.ROOT).equals("yes");
    }
}
