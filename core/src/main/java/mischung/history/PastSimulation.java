package mischung.history;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import mischung.Constants;
import mischung.hair.Canvas;
import mischung.hair.Dyes;
import mischung.hair.LevelScale;
import mischung.hair.PigmentLine;
import mischung.hair.Porosity;
import mischung.hair.SecondTone;
import mischung.hair.Tone;
import mischung.hair.ToneMix;
import mischung.process.Application;
import mischung.process.Factors;
import mischung.process.LiftProduct;
import mischung.process.Lightening;
import mischung.process.RemoverRound;
import mischung.process.Setting;
import mischung.process.Washing;
import mischung.product.Shade;
import mischung.product.ShadeClass;

/** Plays a stretch's past through the model: what went on, washed in between, from natural hair to today. */
final class PastSimulation {
    private static final Constants FIGURES = Constants.in("history");
    private static final double LONGEST_LIFT = 150;
    private static final int HALVINGS = 12;

    /** Fitting a shade takes longer than all the rest, and a past names the same few again and again. */
    private static final Map<Event, Dyes> SHADES = new ConcurrentHashMap<>();

    private static final int MOST_KEPT = 512;

    private final History history;
    private final LocalDate today;
    private final double naturalOff;
    private final Factors factors;

    /** @param naturalOff levels by which the natural level differs from what was told */
    PastSimulation(History history, LocalDate today, double naturalOff, double lift) {
        this.history = history;
        this.today = today;
        this.naturalOff = naturalOff;
        this.factors = new Factors(lift, 1, 1, 1);
    }

    /** Hair on which all these events went, oldest first. */
    Canvas of(List<Event> events) {
        double natural = Math.max(1, Math.min(10, history.naturalLevel() + naturalOff));
        Canvas canvas = Canvas.of(PigmentLine.NATURAL.at(natural), Porosity.NORMAL);
        LocalDate reached = events.isEmpty() ? today : events.get(0).date();
        for (Event event : events) {
            canvas = done(event, washed(canvas, reached, event.date()));
            reached = event.date();
        }
        return washed(canvas, reached, today);
    }

    private Canvas washed(Canvas canvas, LocalDate from, LocalDate to) {
        double weeks = History.months(from, to) * 52 / 12;
        double washes = Math.min(500, Math.max(0, weeks * history.washesPerWeek()));
        return Washing.times(washes).on(canvas, factors);
    }

    private Canvas done(Event event, Canvas canvas) {
        return switch (event.service()) {
            case PERMANENT -> coloured(event, ShadeClass.PERMANENT, event.volume(), canvas);
            case DEMI -> coloured(event, ShadeClass.DEMI, Math.min(10, event.volume()), canvas);
            case GLOSS -> coloured(event, ShadeClass.GLOSS, Math.min(10, event.volume()), canvas);
            // What plants and metal salts do is not modelled; to the eye they lie on the hair like a colour that stays.
            case PLANT, METALLIC -> coloured(event, ShadeClass.PERMANENT, 0, canvas);
            case DIRECT -> coloured(event, ShadeClass.DIRECT, 0, canvas);
            case LIGHTENER -> lightened(event, canvas);
            case REMOVER -> RemoverRound.USUAL.on(canvas, factors);
            case HAIRCUT -> canvas;
            case SWIMMING, SUN, HEAT ->
                canvas.with(canvas.fibre()
                        .spent(FIGURES.of("worn by " + event.service().words())));
        };
    }

    private Canvas coloured(Event event, ShadeClass shadeClass, double volume, Canvas canvas) {
        Dyes dyes = SHADES.get(event);
        if (dyes == null) {
            dyes = Shade.derived(shadeClass, Math.min(10, event.level()), shade(event.tones()))
                    .dyes();
            if (SHADES.size() < MOST_KEPT) {
                SHADES.put(event, dyes);
            }
        }
        // Colour lifts what grew (R9); over earlier layers it finds less and less of it to lift.
        double lifting = volume / (1 + canvas.fibre().layers());
        return Application.usual(dyes, shadeClass, lifting).on(canvas, factors);
    }

    private static ToneMix shade(ToneMix told) {
        Tone main = shade(told.main());
        return new ToneMix(
                main,
                told.second()
                        .map(other -> new SecondTone(shade(other.tone()), other.share()))
                        .filter(other -> other.tone() != main));
    }

    private static Tone shade(Tone told) {
        return told.wishable() ? told : Tone.RED;
    }

    /** Lifted for as long as it took to reach the level that was told; further off by as much as the level is doubted. */
    private Canvas lightened(Event event, Canvas canvas) {
        double told = Math.max(LevelScale.DARKEST, Math.min(LevelScale.LIGHTEST, event.level() + naturalOff));
        double low = 0;
        double high = LONGEST_LIFT;
        if (lift(event, high, canvas).level() < told) {
            return lift(event, high, canvas);
        }
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (low + high) / 2;
            if (lift(event, middle, canvas).level() < told) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return lift(event, high, canvas);
    }

    private Canvas lift(Event event, double minutes, Canvas canvas) {
        return Lightening.of(LiftProduct.LIGHTENER, event.volume(), minutes, Setting.FOIL)
                .on(canvas, factors);
    }
}
