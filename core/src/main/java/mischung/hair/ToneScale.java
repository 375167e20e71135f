package mischung.hair;

import java.util.EnumMap;
import java.util.Map;
import mischung.DataFile;
import mischung.RefusedInput;
import mischung.light.Illuminant;
import mischung.light.Lab;
import mischung.light.Lch;

/** What colour is meant by a level and a tone. */
public final class ToneScale {
    private record Turn(boolean absolute, double degrees, double chroma) {}

    private static final int PER_LEVEL = 10;
    private static final Lab[] NATURAL_LINE = table(PigmentLine.NATURAL);
    private static final Lab[] LIFTED_LINE = table(PigmentLine.LIFTED);
    private static final Map<Tone, Turn> TURNS = turns();

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
        Turn turn = TURNS.get(tone);
        if (turn == null) {
            throw new IllegalStateException("tones.csv lacks " + tone);
        }
        double hue = turn.absolute ? turn.degrees : natural.hueDegrees() + turn.degrees;
        return new Lch(natural.l(), natural.chroma() * turn.chroma, hue, natural.white()).toLab();
    }

    /** The line's colour: exact at tenths of a level, straight between them. */
    static Lab ofLine(PigmentLine line, double level) {
        RefusedInput.within("level", level, LevelScale.DARKEST, LevelScale.LIGHTEST, "");
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

    private static Map<Tone, Turn> turns() {
        DataFile table = DataFile.of(ToneScale.class, "tones.csv");
        Map<Tone, Turn> turns = new EnumMap<>(Tone.class);
        for (int row = 0; row < table.size(); row++) {
            turns.put(
                    Tone.named(table.text(row, "tone")),
                    new Turn(
                            table.text(row, "by").equals("hue"),
                            table.number(row, "degrees"),
                            table.number(row, "chroma")));
        }
        return turns;
    }
}
