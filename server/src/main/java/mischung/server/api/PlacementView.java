package mischung.server.api;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mischung.hair.Look;
import mischung.hair.Reading;
import mischung.hair.ZonePlace;
import mischung.plan.Plan;
import mischung.route.Whole;
import mischung.sequence.SectionPlan;
import mischung.server.words.Catalogue;
import mischung.wish.Aim;
import mischung.wish.Layer;
import mischung.wish.Wish;
import mischung.wish.WorkedHead;

/** Where colours go: every foil with what lies in it, and how the head reads as a whole. */
public record PlacementView(
        @Schema(description = "of the whole wish, the first at the bottom")
        List<LayerWords> layers,

        List<FoilView> foils,

        @Schema(description = "what lies between the foils, and hair that lies in none; one a zone")
        List<GroundView> grounds,

        @Schema(description = "to lay all foils once, alone")
        int minutes,

        @Schema(description = "by which route the bowls and the looks are; empty before there is one")
        String route,

        @Schema(description = "none before there is a route")
        List<WholeView> wholes) {

    /** @param own index in the wish's own layers; below 0 where it follows from what else is wished */
    public record LayerWords(String words, String sentence, Layer.Purpose purpose, boolean on, int own, int foils) {}

    public record FoilView(
            int number,
            ZonePlace place,

            @Schema(description = "from 1, the lowest first")
            int row,

            int rows,

            @Schema(description = "beside others from the same parting, from 1")
            int column,

            int columns,
            double thicknessMm,
            @Schema(description = "index in the layers") int layer,
            String called,
            Layer.Direction direction,
            List<FoilStretch> stretches,
            double grams,

            @Schema(description = "where it lies in each drawing of the head that shows it")
            List<SpotView> spots) {}

    public record GroundView(ZonePlace place, String words, List<FoilStretch> stretches, List<SpotView> spots) {}

    /** On a field of 300 by 300. */
    public record SpotView(HeadView view, double x, double y, double width, double height) {}

    public record FoilStretch(
            double fromCm,
            double toCm,
            String words,

            @Schema(description = "whether nothing is wished there but that it stays")
            boolean stays,

            @Schema(description = "as it is wished; where it stays, as it is")
            LookView look,

            @Schema(description = "as the route brings it there: none, before there is one, or one")
            List<LookView> reached,

            List<String> bowls,

            @Schema(
                    description =
                            "over how much it runs into the next one towards the ends, half of it on either side; 0: a line")
            double featherCm) {
        boolean isLike(FoilStretch other) {
            return words.equals(other.words)
                    && stays == other.stays
                    && bowls.equals(other.bowls)
                    && look.equals(other.look)
                    && featherCm == 0
                    && said(reached).equals(said(other.reached));
        }

        private static List<String> said(List<LookView> looks) {
            return looks.stream()
                    .map(look -> look.levelWords() + " " + look.tone())
                    .toList();
        }

        FoilStretch joined(FoilStretch next) {
            return new FoilStretch(fromCm, next.toCm, words, stays, look, reached, bowls, next.featherCm);
        }
    }

    public record WholeView(Whole.Side side, String words, String sentence, LookView look) {}

    /** As it is wished. */
    static PlacementView of(WorkedHead head, Wish wish, SectionPlan sections) {
        return new PlacementView(
                layers(head, wish, sections),
                foils(head, sections, Optional.empty()),
                grounds(head, sections, Optional.empty()),
                sections.minutes(),
                "",
                List.of());
    }

    static PlacementView of(Plan plan, SectionPlan sections) {
        return new PlacementView(
                layers(plan.head(), plan.wish(), sections),
                foils(plan.head(), sections, Optional.of(plan)),
                grounds(plan.head(), sections, Optional.of(plan)),
                sections.minutes(),
                Catalogue.spoken().say(plan.strategy().said()),
                Arrays.stream(Whole.Side.values())
                        .map(side -> Whole.of(plan, side))
                        .map(whole -> new WholeView(
                                whole.side(),
                                Catalogue.spoken().word(whole.side()),
                                Catalogue.spoken().sentence(whole.said()),
                                LookView.of(whole.look())))
                        .toList());
    }

    private static List<LayerWords> layers(WorkedHead head, Wish wish, SectionPlan sections) {
        List<Layer> layers = head.layers();
        List<LayerWords> words = new ArrayList<>();
        for (int i = 0; i < layers.size(); i++) {
            int index = i;
            words.add(new LayerWords(
                    Catalogue.spoken().say(layers.get(i).said()),
                    Catalogue.spoken().sentence(layers.get(i).line()),
                    layers.get(i).purpose(),
                    layers.get(i).on(),
                    wish.own(i).orElse(-1),
                    (int) sections.foils().stream()
                            .filter(foil -> foil.layer() == index)
                            .count()));
        }
        return words;
    }

    static List<FoilView> foils(WorkedHead head, SectionPlan sections, Optional<Plan> plan) {
        // Most foils of a zone hold the same, and most zones are wished alike.
        Map<List<SectionPlan.Stretch>, List<FoilStretch>> alike = new HashMap<>();
        Map<Aim, LookView> wished = new HashMap<>();
        return sections.foils().stream()
                .map(foil -> foil(
                        foil,
                        alike.computeIfAbsent(foil.stretches(), stretches -> stretches(head, stretches, plan, wished)),
                        sections.foils()))
                .toList();
    }

    private static List<GroundView> grounds(WorkedHead head, SectionPlan sections, Optional<Plan> plan) {
        Map<Aim, LookView> wished = new HashMap<>();
        return sections.grounds().stream()
                .map(ground -> new GroundView(
                        ground.place(),
                        Catalogue.spoken().word(ground.place()),
                        stretches(head, ground.stretches(), plan, wished),
                        Arrays.stream(HeadView.values())
                                .filter(view -> view.shows(ground.place()))
                                .map(view -> spot(view, view.of(ground.place())))
                                .toList()))
                .toList();
    }

    private static List<FoilStretch> stretches(
            WorkedHead head, List<SectionPlan.Stretch> some, Optional<Plan> plan, Map<Aim, LookView> wished) {
        List<FoilStretch> all = new ArrayList<>();
        for (SectionPlan.Stretch stretch : some) {
            FoilStretch next = new FoilStretch(
                    stretch.fromCm(),
                    stretch.toCm(),
                    stretch.aim()
                            .map(aim -> Catalogue.spoken().colour(aim))
                            .orElseGet(() -> Catalogue.spoken().word(LayerView.WhatKind.STAYS)),
                    stretch.aim().isEmpty(),
                    stretch.aim()
                            .map(aim -> wished.computeIfAbsent(aim, Swatches::of))
                            .orElseGet(() -> LookView.of(wished(head, stretch))),
                    plan.map(made -> LookView.of(made.end(stretch.band()).hair().canvas())).stream()
                            .toList(),
                    stretch.bowls(),
                    stretch.featherCm());
            // Hair that was read apart and gets the same is said once.
            if (!all.isEmpty() && all.get(all.size() - 1).isLike(next)) {
                all.add(all.remove(all.size() - 1).joined(next));
            } else {
                all.add(next);
            }
        }
        return all;
    }

    private static List<SpotView> spots(SectionPlan.Foil foil, List<SectionPlan.Foil> all) {
        return Arrays.stream(HeadView.values())
                .filter(view -> view.shows(foil.place()))
                .map(view -> spot(view, view.of(foil, all)))
                .toList();
    }

    private static SpotView spot(HeadView view, HeadView.Box box) {
        return new SpotView(
                view,
                LookView.rounded(box.x(), 100),
                LookView.rounded(box.y(), 100),
                LookView.rounded(box.width(), 100),
                LookView.rounded(box.height(), 100));
    }

    private static FoilView foil(SectionPlan.Foil foil, List<FoilStretch> stretches, List<SectionPlan.Foil> all) {
        return new FoilView(
                foil.number(),
                foil.place(),
                foil.row(),
                foil.rows(),
                foil.column(),
                foil.columns(),
                foil.thicknessMm(),
                foil.layer(),
                Catalogue.spoken().say(foil.called()),
                foil.direction(),
                stretches,
                LookView.rounded(foil.grams(), 10),
                spots(foil, all));
    }

    /** The colour that is wished there; where it stays, what was read. */
    static Look wished(WorkedHead head, SectionPlan.Stretch stretch) {
        return stretch.aim()
                .map(Swatches::look)
                .orElseGet(() -> Reading.canvasOf(head.band(stretch.band())).look());
    }
}
