package mischung.server.api;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import mischung.hair.ZonePlace;
import mischung.plan.Plan;
import mischung.route.Whole;
import mischung.sequence.SectionPlan;
import mischung.wish.Aim;
import mischung.wish.Layer;

/** Where colours go: every foil with what lies in it, and how the head reads as a whole. */
public record PlacementView(
        @Schema(description = "of the whole wish, the first at the bottom")
        List<LayerWords> layers,

        List<FoilView> foils,

        @Schema(description = "to lay all foils once, alone")
        int minutes,

        @Schema(description = "by which route the bowls and the looks are")
        String route,

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

    /** On a field of 300 by 300. */
    public record SpotView(HeadView view, double x, double y, double width, double height) {}

    public record FoilStretch(
            double fromCm,
            double toCm,
            String words,

            @Schema(description = "as it is wished; where it stays, as it is")
            LookView look,

            @Schema(description = "as the route brings it there")
            LookView reached,

            List<String> bowls) {}

    public record WholeView(Whole.Side side, String words, String sentence, LookView look) {}

    static PlacementView of(Plan plan, SectionPlan sections, int ownLayers) {
        List<Layer> layers = plan.head().layers();
        int first = plan.wish().placement().size()
                - ownLayers
                - (plan.wish().leaveOut().isEmpty() ? 0 : 1);
        List<LayerWords> words = new ArrayList<>();
        for (int i = 0; i < layers.size(); i++) {
            int index = i;
            int own = i - first;
            words.add(new LayerWords(
                    layers.get(i).words(),
                    layers.get(i).sentence(),
                    layers.get(i).purpose(),
                    layers.get(i).on(),
                    own >= 0 && own < ownLayers ? own : -1,
                    (int) sections.foils().stream()
                            .filter(foil -> foil.layer() == index)
                            .count()));
        }
        return new PlacementView(
                words,
                sections.foils().stream()
                        .map(foil -> foil(plan, foil, sections.foils()))
                        .toList(),
                sections.minutes(),
                plan.strategy().words(),
                Arrays.stream(Whole.Side.values())
                        .map(side -> Whole.of(plan, side))
                        .map(whole -> new WholeView(
                                whole.side(), whole.side().words(), whole.sentence(), LookView.of(whole.look())))
                        .toList());
    }

    private static List<SpotView> spots(SectionPlan.Foil foil, List<SectionPlan.Foil> all) {
        return Arrays.stream(HeadView.values())
                .filter(view -> view.shows(foil.place()))
                .map(view -> {
                    HeadView.Box box = view.of(foil, all);
                    return new SpotView(
                            view,
                            LookView.rounded(box.x(), 100),
                            LookView.rounded(box.y(), 100),
                            LookView.rounded(box.width(), 100),
                            LookView.rounded(box.height(), 100));
                })
                .toList();
    }

    private static FoilView foil(Plan plan, SectionPlan.Foil foil, List<SectionPlan.Foil> all) {
        return new FoilView(
                foil.number(),
                foil.place(),
                foil.row(),
                foil.rows(),
                foil.column(),
                foil.columns(),
                foil.thicknessMm(),
                foil.layer(),
                foil.called(),
                foil.direction(),
                foil.stretches().stream()
                        .map(stretch -> new FoilStretch(
                                stretch.fromCm(),
                                stretch.toCm(),
                                stretch.aim().map(Aim::words).orElse("stays"),
                                wished(plan, stretch),
                                LookView.of(plan.end(stretch.band()).look()),
                                stretch.bowls()))
                        .toList(),
                LookView.rounded(foil.grams(), 10),
                spots(foil, all));
    }

    /** The colour that is wished there; where it stays, what it is. */
    static LookView wished(Plan plan, SectionPlan.Stretch stretch) {
        return stretch.aim()
                .map(Swatches::of)
                .orElseGet(() -> LookView.of(plan.now()
                        .get(stretch.band().zone())
                        .get(stretch.band().band())
                        .look()));
    }
}
