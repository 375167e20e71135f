package mischung.wish;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import mischung.hair.Band;
import mischung.hair.BandKind;
import mischung.hair.BandRef;
import mischung.hair.Density;
import mischung.hair.Head;
import mischung.hair.LevelScale;
import mischung.hair.Porosity;
import mischung.hair.Strand;
import mischung.hair.Thickness;
import mischung.hair.Tone;
import mischung.hair.Zone;
import mischung.hair.ZonePlace;
import mischung.plan.Laying;
import mischung.plan.Plan;
import mischung.plan.PlanStep;
import mischung.plan.Planner;
import mischung.plan.PlanningContext;
import mischung.plan.Strategy;
import mischung.product.ProductRange;
import mischung.school.Method;
import mischung.uncertainty.Calibration;

/** Wishes of every design there was before there were layers, and what was planned for them, written down. */
final class OldWishes {
    private OldWishes() {}

    private static Band band(double from, double to, BandKind kind, double level, Tone tone, double grey) {
        return new Band(from, to, kind, level, tone, Porosity.NORMAL, grey);
    }

    private static Head head(Band... bands) {
        List<Zone> zones = new ArrayList<>();
        for (ZonePlace place : List.of(ZonePlace.FRINGE, ZonePlace.CROWN, ZonePlace.SIDES, ZonePlace.BACK)) {
            zones.add(new Zone(place, new Strand(List.of(bands))));
        }
        return new Head(zones, Density.NORMAL, Thickness.NORMAL);
    }

    private static Map<String, Head> heads() {
        Map<String, Head> heads = new LinkedHashMap<>();
        heads.put(
                "grown out",
                head(
                        band(0, 5, BandKind.NATURAL, 6, Tone.NATURAL, 0),
                        band(5, 32, BandKind.LIGHTENED, 9, Tone.AS_LIFTED, 0)));
        heads.put("natural", head(band(0, 30, BandKind.NATURAL, 5, Tone.NATURAL, 0.1)));
        heads.put(
                "banded",
                head(
                        band(0, 3, BandKind.NATURAL, 5.5, Tone.NATURAL, 0.4),
                        band(3, 9, BandKind.COLOURED, 6, Tone.COPPER, 0),
                        band(9, 34, BandKind.LIGHTENED, 9, Tone.AS_LIFTED, 0)));
        return heads;
    }

    private static Aim aim(double level, Tone tone) {
        return new Aim(level, tone);
    }

    private static Design root(Design.Kind kind, Aim root, double cm) {
        return new Design(
                kind,
                java.util.Optional.of(root),
                java.util.Optional.empty(),
                java.util.Optional.empty(),
                cm,
                10,
                1,
                0.5,
                6,
                false);
    }

    private static Design tips(Aim ends) {
        return new Design(
                Design.Kind.TIPS,
                java.util.Optional.empty(),
                java.util.Optional.of(ends),
                java.util.Optional.empty(),
                5,
                8,
                2,
                0.5,
                6,
                false);
    }

    private static Map<String, Wish> wishes() {
        Map<String, Wish> all = new LinkedHashMap<>();
        Wish six = new Wish(6, Tone.NATURAL);
        Wish nine = new Wish(9, Tone.BEIGE);
        all.put("even 6", six);
        all.put("even 9", nine);
        all.put("even 5, natural kept", new Wish(5, Tone.BROWN).keepingNatural());
        all.put("even 7, grey kept", new Wish(7, Tone.NATURAL).with(Grey.KEPT));
        all.put("even 7, fringe left", new Wish(7, Tone.GOLD).leavingOut(Set.of(ZonePlace.FRINGE)));
        all.put(
                "even 6, part 8",
                six.with(List.of(
                        new PartWish(Set.of(ZonePlace.CROWN), 10, 20, java.util.Optional.of(aim(8, Tone.GOLD))))));
        all.put("even 6, part stays", six.with(List.of(new PartWish(Set.of(), 20, 30, java.util.Optional.empty()))));
        all.put("melt", six.with(Design.melt(aim(5, Tone.NATURAL), 6, aim(8, Tone.GOLD), 12, 2)));
        all.put(
                "melt of copper",
                new Wish(7, Tone.COPPER).with(Design.melt(aim(5, Tone.COPPER), 5, aim(8, Tone.COPPER), 9, 1)));
        all.put(
                "melt with a part",
                six.with(Design.melt(aim(5, Tone.NATURAL), 6, aim(8, Tone.GOLD), 12, 2))
                        .with(List.of(new PartWish(
                                Set.of(ZonePlace.SIDES), 5, 15, java.util.Optional.of(aim(7, Tone.BROWN))))));
        all.put("shadow root", nine.with(root(Design.Kind.SHADOW_ROOT, aim(6, Tone.NATURAL), 5)));
        all.put("shadow root 7", new Wish(8, Tone.GOLD).with(root(Design.Kind.SHADOW_ROOT, aim(6, Tone.GOLD), 8)));
        all.put("root tap", nine.with(root(Design.Kind.ROOT_TAP, aim(7, Tone.NATURAL), 1)));
        all.put("root tap half a cm", nine.with(root(Design.Kind.ROOT_TAP, aim(6, Tone.NATURAL), 0.5)));
        all.put("tips", six.with(tips(aim(8, Tone.BEIGE))));
        all.put("tips copper", new Wish(5, Tone.NATURAL).with(tips(aim(7, Tone.COPPER))));
        all.put(
                "lowlights",
                new Wish(8, Tone.BEIGE).with(Design.woven(Design.Kind.LOWLIGHTS, aim(6, Tone.NATURAL), 0.4, 6, true)));
        all.put(
                "lowlights, rest coloured",
                new Wish(8, Tone.BEIGE).with(Design.woven(Design.Kind.LOWLIGHTS, aim(6, Tone.NATURAL), 0.4, 6, false)));
        all.put("highlights", six.with(Design.woven(Design.Kind.HIGHLIGHTS, aim(9, Tone.ASH), 0.6, 3, false)));
        all.put(
                "highlights, rest stays",
                six.with(Design.woven(Design.Kind.HIGHLIGHTS, aim(9, Tone.PEARL), 0.3, 3, true)));
        all.put(
                "highlights, natural kept and a part",
                six.with(Design.woven(Design.Kind.HIGHLIGHTS, aim(8, Tone.GOLD), 0.3, 3, false))
                        .keepingNatural()
                        .with(List.of(new PartWish(Set.of(), 0, 2, java.util.Optional.of(aim(6, Tone.BROWN))))));
        return all;
    }

    /** One line for every bowl and treatment of every plan. */
    static String written() {
        StringBuilder text = new StringBuilder();
        heads().forEach((head, hair) -> wishes().forEach((name, wish) -> {
            PlanningContext desk = new PlanningContext(hair, wish, ProductRange.demo(), Calibration.none(), 3);
            Plan plan = Planner.plan(desk, Strategy.of("usual", Method.USUAL));
            text.append("== ").append(head).append(", ").append(name).append('\n');
            for (BandRef at : plan.head().bands()) {
                WorkedBand band = plan.head().at(at);
                text.append(String.format(
                        Locale.ROOT,
                        "%s %s %.3f %s%n",
                        name(plan.head(), at),
                        band.weave(),
                        band.share(),
                        band.aim().map(Aim::words).orElse("stays")));
            }
            for (PlanStep step : plan.steps()) {
                text.append(step.title()).append('\n');
                step.round()
                        .layings()
                        .forEach(
                                laying -> text.append("  ").append(said(laying)).append('\n'));
                step.bowls()
                        .forEach(bowl -> text.append("  ")
                                .append(bowl.formula().mix().words())
                                .append('\n'));
            }
        }));
        return text.toString();
    }

    private static String name(WorkedHead head, BandRef at) {
        WorkedBand band = head.at(at);
        return head.place(at).words() + " " + LevelScale.figure(band.band().fromCm()) + "–"
                + LevelScale.figure(band.band().toCm()) + " cm"
                + band.called()
                        .map(hairs -> " "
                                + hairs.text()
                                        .substring(1 + hairs.text().indexOf('.'))
                                        .toLowerCase(Locale.ROOT))
                        .orElse("");
    }

    private static String said(Laying laying) {
        String bands =
                laying.bands().stream().map(at -> at.zone() + "." + at.band()).collect(Collectors.joining(" "));
        return String.format(
                Locale.ROOT,
                "%s %s, %.1f min, %d times, %.1f vol",
                laying.action(),
                bands,
                laying.minutes(),
                laying.times(),
                laying.volume());
    }
}
