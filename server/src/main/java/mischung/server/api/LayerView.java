package mischung.server.api;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Function;
import mischung.hair.ZonePlace;
import mischung.said.RefusalMessage;
import mischung.said.RefusedInput;
import mischung.wish.Aim;
import mischung.wish.Edge;
import mischung.wish.How;
import mischung.wish.Layer;
import mischung.wish.Pattern;
import mischung.wish.Region;
import mischung.wish.What;

/** One thing that is wished of some hair; a later layer goes over an earlier one. */
public record LayerView(
        @Schema(description = "as the colourist calls it; may be empty, up to 40 characters")
        String name,

        Layer.Purpose purpose,
        RegionView region,
        PatternView pattern,

        @Schema(description = "one; of panels those that follow each other, up to 6")
        List<WhatView> colours,

        HowView how,
        Layer.Direction direction,

        @Schema(description = "false: kept, and not meant for now")
        boolean on) {

    /** Where on the head and along its strands. */
    public record RegionView(
            @Schema(description = "empty: all zones") List<ZonePlace> places,
            EdgeView from,
            EdgeView to,
            Region.Which which,

            @Schema(description = "over how much its lines run into the hair beside, 0–20 cm")
            double featherCm) {
        Region checked() {
            EnumSet<ZonePlace> all = EnumSet.noneOf(ZonePlace.class);
            for (ZonePlace place : places) {
                if (!all.add(place)) {
                    throw new RefusedInput("places", place, RefusalMessage.PLACE_ONCE);
                }
            }
            return new Region(
                    all, CaseFile.at("from", from::checked), CaseFile.at("to", to::checked), which, featherCm);
        }

        static RegionView of(Region region) {
            return new RegionView(
                    List.copyOf(region.places()),
                    EdgeView.of(region.from()),
                    EdgeView.of(region.to()),
                    region.which(),
                    region.featherCm());
        }
    }

    /** A line across the strand. */
    public record EdgeView(
            Edge.At at,

            @Schema(
                    description =
                            "cm from scalp or ends, 0–150; cm past natural hair, −20 to 20; number of the band, 1–20")
            double value) {
        Edge checked() {
            return new Edge(at, value);
        }

        static EdgeView of(Edge edge) {
            return new EdgeView(edge.at(), edge.value());
        }
    }

    /** How hair is parted from other hair. */
    public enum PatternKind {
        ALL("all of it"),
        WEAVE("weave"),
        SLICES("slices"),
        PANELS("panels"),
        FRAME("face frame");

        private final String words;

        PatternKind(String words) {
            this.words = words;
        }

        String words() {
            return words;
        }
    }

    /** Which of the hairs; figures that its kind does not use are kept and not looked at. */
    public record PatternView(
            PatternKind kind,

            @Schema(description = "of the hair: woven 0.05–0.95, of a panel to 1")
            double share,

            @Schema(description = "of a woven piece, 1–30 mm")
            double widthMm,

            @Schema(description = "2–10") int everyNth,
            @Schema(description = "of a slice, 1–20 mm") double thicknessMm,

            @Schema(description = "between partings, 0.5–10 cm")
            double partingCm,

            @Schema(description = "a side, 1–10") int foils) {
        static final PatternView USUAL = new PatternView(PatternKind.ALL, 0.4, 3, 2, 3, 5, 3);

        Pattern checked() {
            return switch (kind) {
                case ALL -> Pattern.all();
                case WEAVE -> new Pattern.Weave(share, widthMm);
                case SLICES -> new Pattern.Slices(everyNth, thicknessMm);
                case PANELS -> new Pattern.Panels(partingCm, share);
                case FRAME -> new Pattern.Frame(foils);
            };
        }

        PatternView of(PatternKind other) {
            return new PatternView(other, share, widthMm, everyNth, thicknessMm, partingCm, foils);
        }
    }

    /** What hair becomes. */
    public enum WhatKind {
        COLOUR("one colour"),
        ALONG("colours along the strand"),
        LIFT_ONLY("lift only"),
        STAYS("stays");

        private final String words;

        WhatKind(String words) {
            this.words = words;
        }

        String words() {
            return words;
        }
    }

    /** A colour or several; figures that its kind does not use are kept and not looked at. */
    public record WhatView(
            WhatKind kind,

            @Schema(description = "the colour; along the strand that of the mids")
            AimView aim,

            @Schema(description = "along the strand: none or one")
            List<AimView> root,

            @Schema(description = "along the strand: none or one")
            List<AimView> ends,

            @Schema(description = "0.3–60 cm") double rootCm,
            @Schema(description = "0.3–60 cm") double endsCm,
            @Schema(description = "0–10 cm") double staggerCm,
            @Schema(description = "0–20 cm") double featherCm) {
        What checked() {
            Aim main = CaseFile.at("aim", aim::checked);
            return switch (kind) {
                case COLOUR -> What.colour(main);
                case ALONG ->
                    new What.Along(
                            one("root", root, AimView::checked),
                            main,
                            one("ends", ends, AimView::checked),
                            rootCm,
                            endsCm,
                            staggerCm,
                            featherCm);
                case LIFT_ONLY -> new What.LiftOnly(main.level());
                case STAYS -> What.stays();
            };
        }

        static WhatView colour(AimView aim) {
            return new WhatView(WhatKind.COLOUR, aim, List.of(), List.of(), 5, 10, 2, 2);
        }
    }

    /** With what and how, where the wish says so. */
    public record HowView(
            @Schema(description = "code of a lightener of the shelf: none or one")
            List<String> lightener,

            @Schema(description = "0–40 vol, none or one; never stronger at the scalp than the scalp may have")
            List<Double> volume,

            @Schema(description = "1–120 min, none or one") List<Double> minutes,

            @Schema(description = "at the basin, on damp hair")
            boolean basin,

            @Schema(description = "barrier beside it") boolean barrier) {
        static final HowView USUAL = new HowView(List.of(), List.of(), List.of(), false, false);

        How checked() {
            Optional<Double> vol = one("volume", volume, value -> value);
            Optional<Double> min = one("minutes", minutes, value -> value);
            return new How(
                    one("lightener", lightener, code -> code),
                    vol.map(OptionalDouble::of).orElse(OptionalDouble.empty()),
                    min.map(OptionalDouble::of).orElse(OptionalDouble.empty()),
                    basin,
                    barrier);
        }
    }

    private static <T, V> Optional<V> one(String field, List<T> some, Function<T, V> checked) {
        if (some.size() > 1) {
            throw new RefusedInput(field, some.size(), RefusalMessage.ONE_OR_NONE);
        }
        return CaseFile.eachOf(field, some, checked).stream().findFirst();
    }

    Layer checked() {
        return new Layer(
                name,
                Optional.empty(),
                purpose,
                CaseFile.at("region", region::checked),
                CaseFile.at("pattern", pattern::checked),
                CaseFile.eachOf("colours", colours, WhatView::checked),
                CaseFile.at("how", how::checked),
                direction,
                on);
    }

    /** A layer as it is first thought of, to be changed. */
    static LayerView begun(
            String name, Layer.Purpose purpose, Region region, PatternView pattern, List<WhatView> colours) {
        return new LayerView(
                name,
                purpose,
                RegionView.of(region),
                pattern,
                colours,
                HowView.USUAL,
                Layer.Direction.HORIZONTAL,
                true);
    }

    /** Of every zone. */
    static Region all() {
        return Region.ALL;
    }

    static Region on(ZonePlace... places) {
        return Region.ALL.on(Set.of(places));
    }
}
