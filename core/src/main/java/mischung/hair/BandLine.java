package mischung.hair;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import mischung.said.RefusalMessage;
import mischung.said.RefusedInput;

/**
 * A strand typed in one line, band by band from the scalp: {@code 6n 5, 8l 13, 9.5l 30, 10lp 38}. Each band is level, letter of
 * what was done ({@code n} natural, {@code l} lightened, {@code c} coloured, {@code d} direct dye), if wanted a tone, {@code p}
 * or {@code pp} for high or very high porosity, and the centimetre where it ends. Tones are their first letters, as many as it
 * takes: {@code a b c g ma mt r v}; a second one stands behind a plus with its percent, 30 where none is said:
 * {@code 9l-beige+gold30 20}.
 */
public final class BandLine {
    private static final Pattern BAND = Pattern.compile(
            "\\s*(\\d{1,2}(?:[.,]5|½)?)\\s*([nlcd])(?:-([a-z]{1,9}?)(?:\\+([a-z]{1,9}?)(\\d{1,2})?)?)?(p{0,2})\\s+(\\d{1,3}(?:[.,]\\d)?)\\s*(?:;|,(?=\\s)|$|\\s(?=\\s*\\d))");
    private static final Map<BandKind, String> LETTERS = new EnumMap<>(
            Map.of(BandKind.NATURAL, "n", BandKind.LIGHTENED, "l", BandKind.COLOURED, "c", BandKind.DIRECT, "d"));

    private static final int PERCENT = 100;

    private BandLine() {}

    /**
     * @throws RefusedInput naming the place in the line that is not understood, or the band that cannot be
     */
    public static Strand read(String line) {
        if (line.isBlank()) {
            throw new RefusedInput("line", "", RefusalMessage.BAND_LINE);
        }
        Matcher matcher = BAND.matcher(line.toLowerCase(Locale.ROOT));
        List<Band> bands = new ArrayList<>();
        int at = 0;
        double from = 0;
        while (at < line.length() && !line.substring(at).isBlank()) {
            matcher.region(at, line.length());
            if (!matcher.lookingAt()) {
                throw new RefusedInput(
                        "line",
                        line.substring(at).strip(),
                        RefusalMessage.BAND_LINE_FROM
                                .say()
                                .count("character", at + 1 + blanks(line, at))
                                .said());
            }
            Band band = band(bands.size(), matcher, from);
            bands.add(band);
            from = band.toCm();
            at = matcher.end();
        }
        return new Strand(bands);
    }

    private static int blanks(String line, int at) {
        int count = 0;
        while (at + count < line.length() && Character.isWhitespace(line.charAt(at + count))) {
            count++;
        }
        return count;
    }

    private static Band band(int index, Matcher matcher, double from) {
        try {
            BandKind kind = kind(matcher.group(2));
            double level =
                    Double.parseDouble(matcher.group(1).replace("½", ".5").replace(',', '.'));
            Tone tone = matcher.group(3) == null ? kind.usualTone() : tone(kind, matcher.group(3));
            Porosity porosity = switch (matcher.group(6).length()) {
                case 1 -> Porosity.HIGH;
                case 2 -> Porosity.VERY_HIGH;
                default -> Porosity.NORMAL;
            };
            double to = Double.parseDouble(matcher.group(7).replace(',', '.'));
            Band band = new Band(from, to, kind, level, tone, porosity, 0);
            return matcher.group(4) == null ? band : band.with(BandDetail.NONE.withSecond(second(kind, matcher)));
        } catch (RefusedInput refused) {
            throw refused.at("band " + (index + 1));
        }
    }

    private static SecondTone second(BandKind kind, Matcher matcher) {
        String percent = matcher.group(5);
        return new SecondTone(
                tone(kind, matcher.group(4)),
                percent == null ? SecondTone.USUAL : Double.parseDouble(percent) / PERCENT);
    }

    private static BandKind kind(String letter) {
        return LETTERS.entrySet().stream()
                .filter(entry -> entry.getValue().equals(letter))
                .map(Map.Entry::getKey)
                .findFirst()
                .orElseThrow();
    }

    private static Tone tone(BandKind kind, String letters) {
        return kind.tones().stream()
                .filter(tone -> letters(tone).startsWith(letters) || (tone == Tone.MATTE && letters.equals("mt")))
                .findFirst()
                .orElseThrow(() -> new RefusedInput(
                        "tone",
                        letters,
                        RefusalMessage.TONE_LETTERS
                                .say()
                                .with("tones", Band.tones(kind))
                                .said()));
    }

    /** The line that reads as this strand; what a line cannot say is left out. */
    public static String of(Strand strand) {
        return strand.bands().stream().map(BandLine::words).collect(Collectors.joining(", "));
    }

    private static String words(Band band) {
        String tone =
                band.tone() == band.kind().usualTone() && band.detail().second().isEmpty()
                        ? ""
                        : "-" + letters(band.tone())
                                + band.detail()
                                        .second()
                                        .map(other -> "+" + letters(other.tone()) + Math.round(PERCENT * other.share()))
                                        .orElse("");
        String porosity = switch (band.porosity()) {
            case HIGH -> "p";
            case VERY_HIGH -> "pp";
            case LOW, NORMAL -> "";
        };
        return LevelScale.figure(band.level()) + LETTERS.get(band.kind()) + tone + porosity + " "
                + LevelScale.figure(band.toCm());
    }

    private static String letters(Tone tone) {
        return tone.words().replace(" ", "");
    }
}
