package mischung.hair;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import mischung.DataFile;
import mischung.light.Illuminant;
import mischung.light.Lab;
import mischung.light.Lch;
import mischung.said.RefusedInput;
import mischung.said.Unit;

/** What colour is meant by a level and a tone. */
public final class ToneScale {
    private enum By {
        /** The natural hue turned, the natural chroma times so much. */
        SHIFT,
        /** A hue, and the natural chroma times so much. */
        HUE,
        /** A hue and a chroma. */
        POINT
    }

    private record Turn(double level, By by, double degrees, double chroma) {
        Turn towards(Turn other, double at) {
            if (other.level == level) {
                return this;
            }
            double share = Math.max(0, Math.min(1, (at - level) / (other.level - level)));
            return new Turn(
                    at, by, degrees + share * (other.degrees - degrees), chroma + share * (other.chroma - chroma));
        }
    }

    private static final int PER_LEVEL = 10;
    private static final Lab[] NATURAL_LINE = table(PigmentLine.NATURAL);
    private static final Lab[] LIFTED_LINE = table(PigmentLine.LIFTED);
    private static final Map<Tone, List<Turn>> TURNS = turns();

    private ToneScale() {}

    /**
     * The colour meant by "6 copper", under D65. {@link Tone#AS_LIFTED} is the lifted line itself.
     *
     * @param level 1–12, any decimal
     */
    public static Lab colourOf(double level, Tone tone) {
        if (tone == Tone.AS_LIFTED) {
            return ofLine(PigmentLine.LIFTED, level);
        }
        Lab natural = ofLine(PigmentLine.NATURAL, level);
        Turn turn = turn(level, tone);
        double hue = turn.by == By.SHIFT ? natural.hueDegrees() + turn.degrees : turn.degrees;
        double chroma = turn.by == By.POINT ? turn.chroma : natural.chroma() * turn.chroma;
        return new Lch(natural.l(), chroma, hue, natural.white()).toLab();
    }

    private static Turn turn(double level, Tone tone) {
        List<Turn> turns = TURNS.get(tone);
        if (turns == null) {
            throw new IllegalStateException("tones.csv lacks " + tone);
        }
        int above = 0;
        while (above < turns.size() - 1 && turns.get(above).level < level) {
            above++;
        }
        return turns.get(Math.max(0, above - 1)).towards(turns.get(above), level);
    }

    /** The line's colour: exact at tenths of a level, straight between them. */
    static Lab ofLine(PigmentLine line, double level) {
        RefusedInput.within("level", level, LevelScale.DARKEST, LevelScale.LIGHTEST, Unit.NONE);
        Lab[] table = line == PigmentLine.NATURAL ? NATURAL_LINE : LIFTED_LINE;
        double at = (level - LevelScale.DARKEST) * PER_LEVEL;
        int below = Math.min((int) Math.floor(at + 1e-9), table.length - 2);
        double share = at - below;
        Lab a = table[below];
        Lab b = table[below + 1];
        return Lab.d65(
                a.l() + share * (b.l() - a.l()), a.a() + share * (b.a() - a.a()), a.b() + share * (b.b() - a.b()));
    }

    private static Lab[] table(PigmentLine line) {
        Lab[] table = new Lab[(int) (PER_LEVEL * (LevelScale.LIGHTEST - LevelScale.DARKEST)) + 1];
        for (int i = 0; i < table.length; i++) {
            double level = LevelScale.DARKEST + i / (double) PER_LEVEL;
            table[i] = Illuminant.D65.reflected(line.at(level).reflectance()).toLab();
        }
        return table;
    }

    private static Map<Tone, List<Turn>> turns() {
        DataFile table = DataFile.of(ToneScale.class, "tones.csv");
        Map<Tone, List<Turn>> turns = new EnumMap<>(Tone.class);
        for (int row = 0; row < table.size(); row++) {
            turns.computeIfAbsent(Tone.named(table.text(row, "tone")), tone -> new ArrayList<>())
                    .add(new Turn(
                            table.number(row, "level"),
                            By.valueOf(table.text(row, "by").toUpperCase(Locale.ROOT)),
                            table.number(row, "degrees"),
                            table.number(row, "chroma")));
        }
        return turns;
    }
}
