package mischung.server.api;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mischung.hair.BandRef;
import mischung.hair.ZonePlace;
import mischung.plan.Action;
import mischung.plan.Laying;
import mischung.plan.LiftWay;
import mischung.plan.Round;
import mischung.process.Wetness;
import mischung.product.Developer;
import mischung.product.Mix;
import mischung.product.ShadeClass;
import mischung.said.RefusalMessage;
import mischung.said.RefusedInput;
import mischung.said.Unit;
import mischung.wish.Weave;
import mischung.wish.WorkedBand;
import mischung.wish.WorkedHead;

/** A round of a route as it is kept and edited: what was decided, without what follows from it. */
public record RoundView(Action action, List<LayingView> layings) {
    private static final int MOST_ROUNDS = 60;

    /** Shown where nothing is mixed. */
    private static final double NO_RATIO = 1;

    /** A stretch of hair by its place, so that it is found again when lines move. */
    public record PieceView(
            ZonePlace place,
            @Schema(description = "cm from the scalp") double fromCm,
            @Schema(description = "cm from the scalp") double toCm,
            Weave weave,

            @Schema(description = "which of the zone's hairs, by number; empty: whatever is so woven")
            List<Integer> groups) {
        /** By what is woven how; where several sorts of pieces lie beside each other also by which. */
        boolean isOf(WorkedBand band) {
            boolean woven = weave == band.weave() || weave == Weave.ALL;
            return woven
                    && (groups.isEmpty()
                            || weave == Weave.ALL
                            || groups.stream().anyMatch(band.groups()::contains));
        }
    }

    /** A part of a mix. */
    public record PartOfMix(
            @Schema(example = "demi-gold-8") String shade,
            @Schema(description = "1–6") int parts) {}

    /** One bowl, one treatment, one cut. Fields that an action does not use hold what is usual, and are not looked at. */
    public record LayingView(
            Action action,
            List<PieceView> bands,
            LiftWay way,
            @Schema(description = "0–40 vol") double volume,
            @Schema(description = "0–120 min") double minutes,

            @Schema(description = "developer to one of colour or powder, 0–6")
            double ratio,

            @Schema(description = "rounds of remover, fresh layings of lightener, 1–3")
            int times,

            @Schema(description = "that lifts; none: plain powder")
            List<LightenerView> lightener,

            AimView aim,
            ShadeClass shadeClass,
            Wetness wetness,

            @Schema(description = "fixed by hand; empty: looked for")
            List<PartOfMix> mix,

            @Schema(description = "until the next visit, 0–52")
            double weeks) {}

    /** As an action is first thought of, on no hair yet. */
    static LayingView usual(Action action) {
        return view(Laying.usual(action, List.of(), Laying.NO_COLOUR), List.of());
    }

    static List<RoundView> of(List<Round> rounds, WorkedHead head) {
        return rounds.stream()
                .map(round -> new RoundView(
                        round.action(),
                        round.layings().stream().map(l -> laying(l, head)).toList()))
                .toList();
    }

    private static LayingView laying(Laying l, WorkedHead head) {
        return view(l, l.bands().stream().map(at -> stretch(at, head)).toList());
    }

    private static LayingView view(Laying l, List<PieceView> bands) {
        Optional<Laying.Lift> lift = l instanceof Laying.Lift one ? Optional.of(one) : Optional.empty();
        Optional<Laying.Deposit> colour = l instanceof Laying.Deposit one ? Optional.of(one) : Optional.empty();
        return new LayingView(
                l.action(),
                bands,
                lift.map(Laying.Lift::way).orElse(LiftWay.OFF_SCALP),
                l.volume(),
                l.minutes(),
                lift.map(Laying.Lift::ratio)
                        .or(() -> colour.map(Laying.Deposit::ratio))
                        .orElse(NO_RATIO),
                l.times(),
                lift.flatMap(Laying.Lift::lightener).stream()
                        .map(LightenerView::of)
                        .toList(),
                AimView.of(colour.map(Laying.Deposit::aim).orElse(Laying.NO_COLOUR)),
                colour.map(Laying.Deposit::shadeClass).orElse(ShadeClass.DEMI),
                colour.map(Laying.Deposit::wetness).orElse(Wetness.DRY),
                colour.flatMap(Laying.Deposit::mix).stream()
                        .flatMap(mix -> mix.parts().stream())
                        .map(p -> new PartOfMix(p.shade().code(), p.parts()))
                        .toList(),
                l instanceof Laying.Wait wait ? wait.weeks() : 0);
    }

    static PieceView stretch(BandRef at, WorkedHead head) {
        WorkedBand band = head.at(at);
        return new PieceView(
                head.place(at), band.band().fromCm(), band.band().toCm(), band.weave(), List.copyOf(band.groups()));
    }

    /** @throws RefusedInput naming the round and the field */
    static List<Round> checked(List<RoundView> views, WorkedHead head, Shades shades) {
        if (views.size() > MOST_ROUNDS) {
            throw new RefusedInput(
                    "",
                    views.size(),
                    RefusalMessage.AT_MOST.say().count("most", MOST_ROUNDS).said());
        }
        List<Round> rounds = new ArrayList<>();
        for (int i = 0; i < views.size(); i++) {
            RoundView view = views.get(i);
            if (view == null) {
                throw new RefusedInput("[" + i + "]", "null", RefusalMessage.LEFT_OUT_OR_FILLED);
            }
            rounds.add(CaseFile.at(
                    "[" + i + "]",
                    () -> new Round(
                            view.action, CaseFile.eachOf("layings", view.layings, l -> checked(l, head, shades)))));
        }
        return rounds;
    }

    private static Laying checked(LayingView l, WorkedHead head, Shades shades) {
        figures(l);
        if (l.action == Action.WAIT) {
            return new Laying.Wait(l.weeks);
        }
        List<BandRef> bands = bands(l.bands, head);
        if (l.action.deposits()) {
            return new Laying.Deposit(
                    l.action,
                    bands,
                    CaseFile.at("aim", l.aim::checked),
                    l.shadeClass,
                    l.volume,
                    l.ratio,
                    l.minutes,
                    l.wetness,
                    mix(l.mix, l.shadeClass, shades));
        }
        if (l.action.lifts()) {
            return new Laying.Lift(
                    l.action,
                    bands,
                    l.way,
                    l.action == Action.LIGHTEN ? LightenerView.checked(l.lightener) : Optional.empty(),
                    l.volume,
                    l.ratio,
                    l.minutes,
                    l.times);
        }
        return new Laying.Treat(l.action, bands, l.minutes, l.times);
    }

    /** Those an action does not use are kept in the file, too, and somebody may choose another action. */
    private static void figures(LayingView l) {
        Developer.requireForHair(l.volume);
        RefusedInput.within("minutes", l.minutes, 0, Laying.LONGEST, Unit.MIN);
        RefusedInput.within("ratio", l.ratio, 0, 6, Unit.TO_ONE);
        RefusedInput.within("times", l.times, 1, 3, Unit.ROUNDS);
        RefusedInput.within("weeks", l.weeks, 0, 52, Unit.WEEKS);
    }

    /** Worked bands whose middle lies in one of the stretches; a reading may have moved the lines since. */
    private static List<BandRef> bands(List<PieceView> stretches, WorkedHead head) {
        return head.bands().stream()
                .filter(at -> {
                    WorkedBand band = head.at(at);
                    double middle = (band.band().fromCm() + band.band().toCm()) / 2;
                    return stretches.stream()
                            .anyMatch(s ->
                                    s.place == head.place(at) && s.fromCm <= middle && middle < s.toCm && s.isOf(band));
                })
                .toList();
    }

    /** Empty, so that it is looked for, where none is fixed or one of its shades has gone. */
    private static Optional<Mix> mix(List<PartOfMix> parts, ShadeClass bowl, Shades shades) {
        List<Optional<Mix.Part>> found = CaseFile.eachOf(
                "mix",
                parts,
                part -> shades.named(part.shade)
                        .map(shade ->
                                new Mix.Part(shade.mixesWith().contains(bowl) ? shade.in(bowl) : shade, part.parts)));
        return parts.isEmpty() || found.stream().anyMatch(Optional::isEmpty)
                ? Optional.empty()
                : Optional.of(CaseFile.at(
                        "mix",
                        () -> new Mix(found.stream().map(Optional::orElseThrow).toList())));
    }
}
