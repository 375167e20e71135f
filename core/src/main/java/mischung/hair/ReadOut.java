package mischung.hair;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** A zone as it is told to somebody who does not see the screen. */
public final class ReadOut {
    private ReadOut() {}

    /** "Crown, 38 cm: natural level 6 to 6 cm; lightened, level 9½ pale yellow, high porosity, to the ends." */
    public static String sentence(Zone zone) {
        List<Band> bands = zone.strand().bands();
        List<String> parts = new ArrayList<>();
        for (int i = 0; i < bands.size(); i++) {
            boolean last = i == bands.size() - 1;
            parts.add(words(bands.get(i))
                    + (last
                            ? " to the ends"
                            : " to " + LevelScale.figure(bands.get(i).toCm()) + " cm"));
        }
        String place = zone.place().words();
        return place.substring(0, 1).toUpperCase(Locale.ROOT)
                + place.substring(1) + ", " + LevelScale.figure(zone.strand().lengthCm()) + " cm: "
                + String.join("; ", parts) + ".";
    }

    /** "lightened, level 9½ pale yellow, high porosity". */
    static String words(Band band) {
        BandDetail detail = band.detail();
        List<String> parts = new ArrayList<>();
        String colour = detail.colour()
                .map(measured -> "measured "
                        + Look.of(Reading.canvasOf(band).reflectance()).words())
                .orElseGet(() -> "level " + LevelScale.words(band.level()) + " " + tone(band));
        boolean plain = band.kind() == BandKind.NATURAL && detail.measured().isEmpty();
        parts.add(
                plain
                        ? band.kind().words() + " " + colour.replace(" natural", "")
                        : band.kind().words() + ", " + colour);
        if (band.greyShare() >= 0.05) {
            parts.add(Math.round(100 * band.greyShare()) + " % grey");
        }
        if (band.porosity() != Porosity.NORMAL) {
            parts.add(band.porosity().words() + " porosity");
        }
        if (detail.layers() > 0) {
            String layers = LevelScale.figure(detail.layers());
            parts.add(layers + (layers.equals("1") ? " layer" : " layers"));
        }
        detail.stretch().ifPresent(felt -> parts.add("wet it " + felt.words()));
        return String.join(", ", parts);
    }

    private static String tone(Band band) {
        return band.tones().equals(ToneMix.of(Tone.AS_LIFTED))
                ? ToneName.contributing(band.level())
                : band.tones().words();
    }
}
