package mischung.server.api;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import mischung.hair.Past;
import mischung.hair.ReadIn;
import mischung.hair.Thickness;
import mischung.hair.Tone;
import mischung.hair.ToneMix;
import mischung.process.Application;
import mischung.process.Change;
import mischung.process.Cover;
import mischung.process.LiftProduct;
import mischung.process.Lightening;
import mischung.process.Place;
import mischung.process.RemoverRound;
import mischung.process.Setting;
import mischung.process.Washing;
import mischung.process.Wetness;
import mischung.product.DirectHue;
import mischung.product.Lightener;
import mischung.product.Shade;
import mischung.product.ShadeClass;
import mischung.said.RefusedInput;
import mischung.said.Unit;
import mischung.server.words.ProblemMessage;
import mischung.uncertainty.Start;

/** One thing done to one band, as asked by the page that shows the model at work. */
record ModelRun(StartAsked start, ProductAsked product, SeenAsked strandTest) {

    /** The band before. */
    record StartAsked(
            Past.Kind past,
            @Schema(description = "as read, 1–12 in halves") double level,
            Tone tone,

            @Schema(description = "lowest level that may lie under the colour, 1–12")
            double underFrom,

            @Schema(description = "highest level that may lie under the colour, 1–12")
            double underTo,

            @Schema(description = "oxidative colour laid over it so far, 0–50")
            double layers,

            Thickness thickness,

            @Schema(description = "0 low, 1 normal, 2 high, 3 very high, and between")
            double porosity,

            @Schema(description = "share of white fibres, 0–1")
            double greyShare) {

        ReadIn read() {
            Past history = new Past(past, underFrom, underTo, layers);
            if (past == Past.Kind.AS_GROWN && tone == Tone.AS_LIFTED) {
                throw new RefusedInput("tone", tone, ProblemMessage.AS_GROWN_NOT_LIFTED);
            }
            return ReadIn.of(level, ToneMix.of(tone), history);
        }

        Start start(ReadIn read) {
            return Start.of(read, thickness, porosity, greyShare, layers);
        }
    }

    /** What is laid on it. Fields that do not belong to the product are not looked at. */
    record ProductAsked(
            Laid kind,
            @Schema(description = "minutes, or washes") double amount,
            @Schema(description = "of the developer, 0–40") double volume,
            @Schema(description = "developer to 1") double ratio,
            Place place,
            Cover cover,
            boolean heat,

            @Schema(description = "thickness of the section, 1–30 mm")
            double sectionMm,

            @Schema(description = "minutes the product stood before it was laid, 0–240")
            double ageMinutes,

            @Schema(description = "level of the shade, 1–10")
            double shadeLevel,

            Tone shadeTone,
            DirectHue hue,

            @Schema(description = "the make of lightener; none: plain powder")
            List<LightenerView> lightener,

            @Schema(description = "share of clear in the mix, 0–1")
            double clear,

            Wetness wetness) {

        Change change(double after) {
            Setting setting = new Setting(place, cover, heat, sectionMm);
            return switch (kind) {
                case LIGHTENER, CLEANSE_MIX, LIGHTEST_TINT ->
                    new Lightening(
                            kind.lift(), volume, ratio, after, setting, ageMinutes, OptionalDouble.empty(), make());
                case PERMANENT, COVERAGE, DEMI, GLOSS, DIRECT -> colour(after, setting);
                case REMOVER -> new RemoverRound(after, cover != Cover.OPEN, true, 10);
                case WASHES -> Washing.times(after);
            };
        }

        private Lightener make() {
            Optional<Lightener> chosen = LightenerView.checked(lightener);
            return kind == Laid.LIGHTENER ? chosen.orElse(Lightener.PLAIN) : Lightener.PLAIN;
        }

        private Application colour(double after, Setting setting) {
            RefusedInput.within("clear", clear, 0, 1, Unit.NONE);
            RefusedInput.within("shadeLevel", shadeLevel, 1, 10, Unit.NONE);
            if (!shadeTone.wishable()) {
                throw new RefusedInput("shadeTone", shadeTone, ProblemMessage.NO_SHADE_IN_IT);
            }
            ShadeClass shadeClass = kind.shadeClass();
            var dyes = shadeClass == ShadeClass.DIRECT
                    ? hue.dyes()
                    : Shade.derived(shadeClass, shadeLevel, shadeTone).dyes();
            return new Application(dyes.times(1 - clear), shadeClass, ratio, volume, after, wetness, setting);
        }
    }

    /** A strand on which the same was tried. */
    record SeenAsked(
            boolean done,

            @Schema(description = "level seen afterwards, 1–12")
            double level) {}

    /** What can be laid on. */
    enum Laid {
        LIGHTENER("lightener"),
        CLEANSE_MIX("cleanse mix"),
        LIGHTEST_TINT("lightest-series tint"),
        PERMANENT("permanent colour"),
        COVERAGE("coverage colour"),
        DEMI("demi colour"),
        GLOSS("gloss"),
        DIRECT("direct dye"),
        REMOVER("reducing remover"),
        WASHES("washes at home");

        private final String words;

        Laid(String words) {
            this.words = words;
        }

        String words() {
            return words;
        }

        boolean lifts() {
            return this == LIGHTENER || this == CLEANSE_MIX || this == LIGHTEST_TINT;
        }

        boolean colours() {
            return !lifts() && this != REMOVER && this != WASHES;
        }

        LiftProduct lift() {
            return LiftProduct.valueOf(name());
        }

        ShadeClass shadeClass() {
            return ShadeClass.valueOf(name());
        }

        double usualRatio() {
            return lifts() ? lift().usualRatio() : colours() ? shadeClass().developerPerColour() : 0;
        }

        double usualAmount() {
            return switch (this) {
                case LIGHTENER -> 45;
                case CLEANSE_MIX -> 15;
                case LIGHTEST_TINT -> ShadeClass.LIGHTEST.fullMinutes();
                case REMOVER -> RemoverRound.USUAL.minutes();
                case WASHES -> 20;
                case PERMANENT, COVERAGE, DEMI, GLOSS, DIRECT -> shadeClass().fullMinutes();
            };
        }

        double mostAmount() {
            return switch (this) {
                case LIGHTENER -> 120;
                case CLEANSE_MIX -> 40;
                case WASHES, LIGHTEST_TINT, PERMANENT, COVERAGE -> 60;
                case DEMI, GLOSS, DIRECT, REMOVER -> 40;
            };
        }

        double usualVolume() {
            return switch (this) {
                case LIGHTENER -> 20;
                case CLEANSE_MIX, LIGHTEST_TINT -> 40;
                case PERMANENT, COVERAGE -> 20;
                case DEMI, GLOSS -> 7;
                case DIRECT, REMOVER, WASHES -> 0;
            };
        }
    }
}
