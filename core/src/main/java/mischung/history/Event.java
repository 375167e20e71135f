package mischung.history;

import java.time.LocalDate;
import mischung.hair.HairMessage;
import mischung.hair.LevelScale;
import mischung.hair.Tone;
import mischung.hair.ToneMix;
import mischung.product.Developer;
import mischung.said.RefusalMessage;
import mischung.said.RefusedInput;
import mischung.said.Said;
import mischung.said.Unit;

/**
 * Something done to the hair on a day.
 *
 * <table>
 * <caption>components</caption>
 * <tr><td>home</td><td>done at home rather than in a salon</td><td></td></tr>
 * <tr><td>level</td><td>of the shade; for lightener the level it was lifted to</td><td>1–12 in halves</td></tr>
 * <tr><td>tones</td><td>of the shade; not looked at where there is none</td><td></td></tr>
 * <tr><td>volume</td><td>of the developer</td><td>0–40 vol</td></tr>
 * <tr><td>share</td><td>of the hair that was woven out, for {@link Where#WOVEN}</td><td>0.05–1</td></tr>
 * <tr><td>overlapCm</td><td>how far colour for the roots was drawn over what was coloured before</td><td>0–150 cm</td></tr>
 * <tr><td>cutCm</td><td>taken off, for a haircut</td><td>0–100 cm</td></tr>
 * </table>
 */
public record Event(
        LocalDate date,
        Service service,
        boolean home,
        Where where,
        double level,
        ToneMix tones,
        double volume,
        double share,
        double overlapCm,
        double cutCm) {
    private static final int EARLIEST = 1950;

    public Event {
        LevelScale.requireHalves("level", level);
        Developer.requireForHair(volume);
        RefusedInput.within("share", share, 0.05, 1, Unit.OF_THE_HAIR);
        RefusedInput.within("overlapCm", overlapCm, 0, 150, Unit.CM);
        RefusedInput.within("cutCm", cutCm, 0, 100, Unit.CM);
        if (date.getYear() < EARLIEST || date.getYear() > 2999) {
            throw new RefusedInput(
                    "date",
                    date,
                    RefusalMessage.DAY_FROM_TO
                            .say()
                            .typed("from", Integer.toString(EARLIEST))
                            .typed("to", "2999")
                            .said());
        }
        if (service.colours() && tones.share(Tone.AS_LIFTED) > 0) {
            throw new RefusedInput(
                    tones.main() == Tone.AS_LIFTED ? "tone" : "second",
                    Tone.AS_LIFTED,
                    RefusalMessage.COLOUR_HAS_A_TONE);
        }
    }

    public static Event colour(LocalDate date, Service service, Where where, double level, Tone tone, double volume) {
        return new Event(date, service, false, where, level, ToneMix.of(tone), volume, 1, 0, 0);
    }

    /** @param level what it was lifted to */
    public static Event lightened(LocalDate date, Where where, double share, double level) {
        return new Event(date, Service.LIGHTENER, false, where, level, ToneMix.of(Tone.AS_LIFTED), 20, share, 0, 0);
    }

    public static Event cut(LocalDate date, double cm) {
        return new Event(date, Service.HAIRCUT, false, Where.ENDS, 6, ToneMix.of(Tone.NATURAL), 0, 1, 0, cm);
    }

    public Event atHome() {
        return new Event(date, service, true, where, level, tones, volume, share, overlapCm, cutCm);
    }

    public Event overlapping(double cm) {
        return new Event(date, service, home, where, level, tones, volume, share, cm, cutCm);
    }

    /** Share of the fibres that took part. */
    public double taken() {
        return where == Where.WOVEN ? share : 1;
    }

    /** "permanent colour 5 natural, roots only". */
    public Said said() {
        Said what = service.colours()
                ? HistoryMessage.EVENT_COLOUR
                        .say()
                        .thing("service", service)
                        .part(
                                "colour",
                                HairMessage.COLOUR
                                        .say()
                                        .level("level", level)
                                        .with("tone", tones.figure())
                                        .said())
                        .said()
                : service == Service.LIGHTENER
                        ? HistoryMessage.EVENT_LEVEL
                                .say()
                                .thing("service", service)
                                .level("level", level)
                                .said()
                        : HistoryMessage.EVENT.say().thing("service", service).said();
        Said there = service == Service.HAIRCUT
                ? HistoryMessage.EVENT_CUT
                        .say()
                        .part("event", what)
                        .tenth("cm", cutCm)
                        .said()
                : service.marks()
                        ? HistoryMessage.EVENT_WHERE
                                .say()
                                .part("event", what)
                                .thing("where", where)
                                .said()
                        : what;
        return home ? HistoryMessage.AT_HOME.say().part("event", there).said() : there;
    }
}
