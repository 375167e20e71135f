package mischung.job;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import mischung.hair.Band;
import mischung.hair.BandRef;
import mischung.hair.HairMessage;
import mischung.hair.LevelScale;
import mischung.hair.Look;
import mischung.hair.ToneName;
import mischung.hair.ZonePlace;
import mischung.light.Lab;
import mischung.plan.Outcome;
import mischung.plan.Plan;
import mischung.process.Factors;
import mischung.process.Washing;
import mischung.route.Promise;
import mischung.said.Said;

/**
 * What a plan says of one band of the head as read, kept as it was said, whatever is learned later.
 *
 * @param band its place in the strand as read, from 0
 * @param from it ends between this level
 * @param to and this, eight times in ten
 * @param kept whether it was to stay as it is
 * @param strength at the end, 0–1
 * @param faded how it will look after {@link #WEEKS}
 */
public record BandForecast(
        ZonePlace zone,
        int band,
        double fromCm,
        double toCm,
        Shown before,
        Shown wished,
        Shown end,
        double from,
        double to,
        boolean kept,
        double strength,
        List<Shown> faded) {
    /** After the visit. */
    public static final List<Integer> WEEKS = Promise.WEEKS;

    public BandForecast {
        faded = List.copyOf(faded);
    }
    /** A colour in figures. */
    public record Shown(double level, double l, double a, double b) {
        static Shown of(Look look) {
            return new Shown(
                    look.level(), look.lab().l(), look.lab().a(), look.lab().b());
        }

        /** Of a colour that was measured. */
        public static Shown of(Lab lab) {
            return new Shown(LevelScale.levelOf(lab.l()), lab.l(), lab.a(), lab.b());
        }

        /** "6½ copper-gold". */
        public Said said() {
            return HairMessage.COLOUR
                    .say()
                    .level("level", level)
                    .with("tone", ToneName.figure(ToneName.of(lab())))
                    .said();
        }

        public Lab lab() {
            return Lab.d65(l, a, b);
        }
    }

    /** What most of each band as read comes to at the end of the first visit; what is cut off is left out. */
    public static List<BandForecast> of(Plan plan, double washesPerWeek) {
        List<BandForecast> all = new ArrayList<>();
        for (int zone = 0; zone < plan.head().zones().size(); zone++) {
            int bands = plan.head().read().zones().get(zone).strand().bands().size();
            for (int band = 0; band < bands; band++) {
                int z = zone;
                int b = band;
                plan.head().bands().stream()
                        .filter(at -> at.zone() == z && plan.head().at(at).read() == b)
                        .filter(at -> !plan.endOfToday(at).cut())
                        .max(Comparator.comparingDouble(at -> plan.head().mixGrams(List.of(at))))
                        .ifPresent(at -> all.add(of(plan, at, b, washesPerWeek)));
            }
        }
        return all;
    }

    /** As it will look so many weeks after the visit, by days between the weeks forecast; no further than the last. */
    public Shown fadedAfter(double weeks) {
        Shown before = end;
        double from = 0;
        for (int i = 0; i < faded.size(); i++) {
            double to = WEEKS.get(i);
            if (weeks <= to) {
                return between(before, faded.get(i), (weeks - from) / (to - from));
            }
            before = faded.get(i);
            from = to;
        }
        return before;
    }

    private static Shown between(Shown a, Shown b, double share) {
        return Shown.of(Lab.d65(a.l + share * (b.l - a.l), a.a + share * (b.a - a.a), a.b + share * (b.b - a.b)));
    }

    private static BandForecast of(Plan plan, BandRef at, int band, double washesPerWeek) {
        Outcome before = plan.now().get(at.zone()).get(at.band());
        Outcome end = plan.endOfToday(at);
        Band read = plan.head().read().zones().get(at.zone()).strand().bands().get(band);
        return new BandForecast(
                plan.head().place(at),
                band,
                read.fromCm(),
                read.toCm(),
                Shown.of(before.look()),
                Shown.of(end.wished()),
                Shown.of(end.look()),
                end.range().from(),
                end.range().to(),
                plan.head().at(at).keeps(),
                end.integrity(),
                WEEKS.stream()
                        .map(weeks -> Shown.of(Washing.times(weeks * washesPerWeek)
                                .on(end.hair().canvas(), Factors.AVERAGE)
                                .look()))
                        .toList());
    }
}
