package mischung.server.api;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import mischung.consultation.Consultation;
import mischung.hair.Tone;
import mischung.hair.ZonePlace;
import mischung.said.RefusalMessage;
import mischung.said.RefusedInput;
import mischung.wish.Aim;
import mischung.wish.Design;
import mischung.wish.Grey;
import mischung.wish.Limits;
import mischung.wish.PartWish;
import mischung.wish.Wish;

/** What the client wants to see; hours, money and trim stand in the consultation. */
public record WishView(
        @Schema(description = "1–11 in halves", example = "6")
        double level,

        Tone tone,

        @Schema(description = "what lies beside it: none or one")
        List<SecondToneView> second,

        @Schema(description = "the main colour itself, where it was picked or photographed: none or one")
        List<AimView.PickedView> picked,

        DesignView design,
        Grey grey,

        @Schema(description = "hair as it grew stays as it grew")
        boolean keepNatural,

        @Schema(description = "zones that stay as they are") List<ZonePlace> leaveOut,

        @Schema(description = "wishes for parts of the head, up to 40; the last that speaks of a piece of hair holds")
        List<PartWishView> parts,

        @Schema(description = "what goes over all that, one after another, up to 12")
        List<LayerView> layers,

        @Schema(description = "visits at most, 1–6") int visits,

        @Schema(description = "zones no lightener may touch")
        List<ZonePlace> noLightener,

        @Schema(description = "false: no lightener at all") boolean lightener,

        @Schema(description = "people who work on this head, 1–3")
        int hands) {

    /** How colours lie along and through the strand; colours that its kind does not use are kept and not looked at. */
    public record DesignView(
            Design.Kind kind,
            AimView root,
            AimView ends,
            AimView pieces,

            @Schema(description = "cm from the scalp, 0.5–60")
            double rootCm,

            @Schema(description = "cm from the ends, 0.5–60")
            double endsCm,

            @Schema(description = "cm, 0–10") double staggerCm,

            @Schema(description = "share of the hair, 0.05–0.95")
            double share,

            @Schema(description = "width of a piece, 1–30 mm")
            double widthMm,

            boolean restStays) {
        static DesignView even(double level, Tone tone) {
            double darker = Math.max(1, level - 1);
            double lighter = Math.min(Wish.LIGHTEST, level + 1);
            return new DesignView(
                    Design.Kind.EVEN,
                    AimView.of(darker, tone),
                    AimView.of(lighter, tone),
                    AimView.of(lighter, tone),
                    5,
                    10,
                    1,
                    0.5,
                    6,
                    true);
        }

        Design checked() {
            boolean hasRoot =
                    kind == Design.Kind.MELT || kind == Design.Kind.SHADOW_ROOT || kind == Design.Kind.ROOT_TAP;
            boolean hasEnds = kind == Design.Kind.MELT || kind == Design.Kind.TIPS;
            var rootAim = CaseFile.at("root", root::checked);
            var endsAim = CaseFile.at("ends", ends::checked);
            var piecesAim = CaseFile.at("pieces", pieces::checked);
            return new Design(
                    kind,
                    hasRoot ? Optional.of(rootAim) : Optional.empty(),
                    hasEnds ? Optional.of(endsAim) : Optional.empty(),
                    kind.woven() ? Optional.of(piecesAim) : Optional.empty(),
                    rootCm,
                    endsCm,
                    staggerCm,
                    share,
                    widthMm,
                    kind.woven() && restStays);
        }
    }

    /** A wish for a part of the head only. */
    public record PartWishView(
            @Schema(description = "empty: all zones") List<ZonePlace> places,

            @Schema(description = "cm from the scalp, 0–150")
            double fromCm,

            @Schema(description = "cm from the scalp, 0–150")
            double toCm,

            @Schema(description = "it stays as it is; the colour is not looked at")
            boolean stays,

            AimView aim) {
        PartWish checked() {
            var wanted = CaseFile.at("aim", aim::checked);
            return new PartWish(placesOf(places), fromCm, toCm, stays ? Optional.empty() : Optional.of(wanted));
        }
    }

    static WishView even(double level, Tone tone) {
        return new WishView(
                level,
                tone,
                List.of(),
                List.of(),
                DesignView.even(level, tone),
                Grey.COVERED,
                false,
                List.of(),
                List.of(),
                List.of(),
                Limits.MOST_VISITS,
                List.of(),
                true,
                1);
    }

    /** The colour of all that nothing else is said of. */
    Aim main() {
        return new AimView(level, tone, second, picked).checked();
    }

    /** @param told holds what the client said of hours, money and what may be cut off */
    Wish checked(Consultation told) {
        return new Wish(
                main(),
                CaseFile.at("design", design::checked),
                grey,
                keepNatural,
                placesOf(leaveOut),
                CaseFile.eachOf("parts", parts, PartWishView::checked),
                CaseFile.eachOf("layers", layers, LayerView::checked),
                new Limits(
                        told.hours(), told.budget(), visits, told.trimCm(), placesOf(noLightener), lightener, hands));
    }

    private static Set<ZonePlace> placesOf(List<ZonePlace> named) {
        EnumSet<ZonePlace> all = EnumSet.noneOf(ZonePlace.class);
        for (ZonePlace place : named) {
            if (!all.add(place)) {
                throw new RefusedInput("places", place, RefusalMessage.PLACE_ONCE);
            }
        }
        return all;
    }
}
