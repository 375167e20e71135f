package mischung.history;

import java.util.Comparator;
import java.util.List;
import mischung.Constants;
import mischung.hair.Band;
import mischung.hair.BandDetail;
import mischung.hair.BandKind;
import mischung.hair.Canvas;
import mischung.hair.DyeKind;
import mischung.hair.LevelScale;
import mischung.hair.Look;
import mischung.hair.Pigments;
import mischung.hair.Porosity;
import mischung.hair.Tone;
import mischung.hair.ToneScale;
import mischung.light.Ciede2000;

/**
 * What a past has made of hair.
 *
 * @param under level of the hair beneath any dye
 * @param look seen as a whole, woven pieces and the rest together
 */
record Grown(BandKind kind, double under, Look look, Porosity porosity) {
    private static final double FADED_AWAY = Constants.in("history").of("faded away");

    /** Woven pieces and the rest are played apart and seen together (R8); the larger share gives the kind. */
    static Grown of(List<Event> events, PastSimulation past) {
        double woven = events.stream()
                .filter(e -> e.where() == Where.WOVEN)
                .mapToDouble(Event::share)
                .max()
                .orElse(0);
        Canvas pieces = past.of(events);
        if (woven == 0 || woven >= 1) {
            return of(events, pieces, Look.of(pieces.reflectance()));
        }
        List<Event> rest = events.stream().filter(e -> e.where() != Where.WOVEN).toList();
        Canvas others = past.of(rest);
        Look whole = Look.of(others.reflectance().mixedWith(pieces.reflectance(), woven));
        return woven >= 0.5 ? of(events, pieces, whole) : of(rest, others, whole);
    }

    private static Grown of(List<Event> events, Canvas main, Look whole) {
        Canvas bare = Canvas.of(withoutDye(main.coloured()), Porosity.NORMAL);
        return new Grown(
                kind(events, main, bare), bare.level(), whole, main.fibre().nearestPorosity());
    }

    private static Pigments withoutDye(Pigments pigments) {
        Pigments bare = pigments;
        for (DyeKind kind : DyeKind.values()) {
            bare = bare.without(kind);
        }
        return bare;
    }

    private static BandKind kind(List<Event> events, Canvas now, Canvas bare) {
        boolean shows = Ciede2000.between(now.lab(), bare.lab()) >= FADED_AWAY;
        if (events.stream().anyMatch(e -> e.service() == Service.LIGHTENER)) {
            double direct = now.coloured().dyes(DyeKind.DIRECT).total();
            double oxidative = now.coloured().dyes(DyeKind.OXIDATIVE).total();
            return shows && direct > oxidative ? BandKind.DIRECT : BandKind.LIGHTENED;
        }
        // Permanent colour has turned the hair beneath it warm, and plants and metal salts stay, whatever still shows.
        boolean stays = events.stream()
                .anyMatch(e ->
                        e.service() == Service.PERMANENT || e.service().family() == Service.Family.DEPOSIT_OF_RISK);
        return shows || stays ? BandKind.COLOURED : BandKind.NATURAL;
    }

    /** The band as it would be read by eye. */
    Band proposed(double fromCm, double toCm, BandDetail detail) {
        double level = halves(look.level());
        Tone nearest = kind.tones().stream()
                .min(Comparator.comparingDouble(tone -> Ciede2000.between(look.lab(), ToneScale.colourOf(level, tone))))
                .orElseThrow();
        return new Band(fromCm, toCm, kind, level, nearest, porosity, 0, detail);
    }

    static double halves(double level) {
        return Math.max(LevelScale.DARKEST, Math.min(LevelScale.LIGHTEST, LevelScale.inHalves(level)));
    }
}
