package mischung.server.api;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Optional;
import mischung.product.Lightener;
import mischung.said.RefusalMessage;
import mischung.said.RefusedInput;

/** A lightener with what it does of its own, as it was when it was chosen. */
public record LightenerView(
        String code,
        String name,

        @Schema(description = "weight of developer to one of it, 0.5–6")
        double ratio,

        @Schema(description = "times plain powder, 0.2–2") double speed,

        @Schema(description = "strength it costs for the same lift, times plain powder, 0.2–2")
        double harshness,

        @Schema(description = "5–40 vol") double mostVolume,

        @Schema(description = "promised by its maker, 1–9") double mostLevels,

        @Schema(description = "whether it may touch the scalp")
        boolean scalp,

        @Schema(description = "whether it works open without drying")
        boolean openAir,

        @Schema(description = "stirred into it: nothing or one")
        List<StirredView> additive) {
    /** What tones a little while it lifts. */
    public record StirredView(
            String code,
            String name,

            @Schema(description = "direct dye it leaves, 0–0.2")
            double cools,

            @Schema(description = "of the bowl's weight, 0.005–0.2")
            double share) {
        static StirredView of(Lightener.Additive one) {
            return new StirredView(one.code(), one.name(), one.cools(), one.share());
        }

        Lightener.Additive checked() {
            return new Lightener.Additive(code, name, cools, share);
        }
    }

    static LightenerView of(Lightener one) {
        return new LightenerView(
                one.code(),
                one.name(),
                one.ratio(),
                one.speed(),
                one.harshness(),
                one.mostVolume(),
                one.mostLevels(),
                one.scalp(),
                one.openAir(),
                one.additive().stream().map(StirredView::of).toList());
    }

    /** @throws RefusedInput naming {@code lightener} where there is more than one, or one that cannot be */
    static Optional<Lightener> checked(List<LightenerView> lightener) {
        if (lightener.size() > 1) {
            throw new RefusedInput("lightener", lightener.size(), RefusalMessage.ONE_OR_NONE);
        }
        return CaseFile.eachOf("lightener", lightener, LightenerView::checked).stream()
                .findFirst();
    }

    private Lightener checked() {
        if (additive.size() > 1) {
            throw new RefusedInput("additive", additive.size(), RefusalMessage.ONE_OR_NONE);
        }
        return new Lightener(
                code,
                name,
                ratio,
                speed,
                harshness,
                mostVolume,
                mostLevels,
                scalp,
                openAir,
                CaseFile.eachOf("additive", additive, StirredView::checked).stream()
                        .findFirst());
    }
}
