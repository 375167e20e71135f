package mischung.server.api;

import java.util.List;
import mischung.hair.Tone;
import mischung.hair.ZonePlace;
import mischung.server.api.LayerView.PatternKind;
import mischung.server.api.LayerView.PatternView;
import mischung.server.api.LayerView.WhatKind;
import mischung.server.api.LayerView.WhatView;
import mischung.server.words.BeginningMessage;
import mischung.server.words.Catalogue;
import mischung.wish.Edge;
import mischung.wish.Layer.Purpose;
import mischung.wish.Region;

/** What a placement is begun from: a few layers that are then changed. */
final class Beginnings {
    private Beginnings() {}

    /** @param why when one takes it, in a line */
    record Beginning(String name, String why, List<LayerView> layers) {}

    private static AimView aim(double level, Tone tone) {
        return AimView.of(level, tone);
    }

    private static WhatView colour(double level, Tone tone) {
        return WhatView.colour(aim(level, tone));
    }

    private static Region down(Region region, double fromCm) {
        return region.between(Edge.fromScalp(fromCm), Edge.ENDS);
    }

    private static Region root(double cm) {
        return Region.ALL.between(Edge.SCALP, Edge.fromScalp(cm));
    }

    private static PatternView pattern(PatternKind kind) {
        return PatternView.USUAL.of(kind);
    }

    private static LayerView fine(double share) {
        return LayerView.begun(
                say(BeginningMessage.LAYER_BABYLIGHTS),
                Purpose.HIGHLIGHT,
                Region.ALL,
                new PatternView(PatternKind.WEAVE, share, 3, 2, 3, 5, 3),
                List.of(colour(9, Tone.BEIGE)));
    }

    private static LayerView tap() {
        return LayerView.begun(
                say(BeginningMessage.LAYER_ROOT_TAP),
                Purpose.ROOT_TAP,
                root(0.5).feathered(0.5),
                pattern(PatternKind.ALL),
                List.of(colour(6, Tone.NATURAL)));
    }

    private static LayerView shadow() {
        return LayerView.begun(
                say(BeginningMessage.LAYER_SHADOW_ROOT),
                Purpose.SHADOW_ROOT,
                root(5).feathered(3),
                pattern(PatternKind.ALL),
                List.of(colour(6, Tone.NATURAL)));
    }

    private static LayerView lowlights() {
        return LayerView.begun(
                say(BeginningMessage.LAYER_LOWLIGHTS),
                Purpose.LOWLIGHT,
                down(LayerView.on(ZonePlace.CROWN, ZonePlace.PARTING), 0),
                new PatternView(PatternKind.WEAVE, 0.3, 6, 2, 3, 5, 3),
                List.of(colour(7, Tone.NATURAL)));
    }

    private static LayerView frame() {
        return LayerView.begun(
                say(BeginningMessage.LAYER_FACE_FRAME),
                Purpose.HIGHLIGHT,
                LayerView.on(ZonePlace.FRINGE, ZonePlace.HAIRLINE, ZonePlace.SIDES),
                pattern(PatternKind.FRAME),
                List.of(colour(9.5, Tone.BEIGE)));
    }

    private static LayerView bandBreakUp() {
        return LayerView.begun(
                say(BeginningMessage.LAYER_BAND_BREAK_UP),
                Purpose.HIGHLIGHT,
                Region.ALL.between(new Edge(Edge.At.BAND_BEGINS, 2), new Edge(Edge.At.BAND_BEGINS, 3)),
                pattern(PatternKind.SLICES),
                List.of(colour(8, Tone.BEIGE)));
    }

    private static LayerView panels() {
        return LayerView.begun(
                say(BeginningMessage.LAYER_PANELS),
                Purpose.LOWLIGHT,
                LayerView.on(ZonePlace.BACK, ZonePlace.CROWN),
                new PatternView(PatternKind.PANELS, 1, 6, 2, 3, 5, 3),
                List.of(
                        colour(7, Tone.NATURAL),
                        new WhatView(
                                WhatKind.ALONG,
                                aim(8, Tone.BEIGE),
                                List.of(aim(7, Tone.BEIGE)),
                                List.of(),
                                10,
                                10,
                                2,
                                3),
                        colour(9, Tone.BEIGE)));
    }

    private static LayerView wovenMelt() {
        return LayerView.begun(
                say(BeginningMessage.LAYER_WOVEN_MELT),
                Purpose.MELT,
                Region.ALL,
                new PatternView(PatternKind.WEAVE, 0.4, 6, 2, 3, 5, 3),
                List.of(new WhatView(
                        WhatKind.ALONG, aim(8, Tone.BEIGE), List.of(aim(6, Tone.NATURAL)), List.of(), 20, 10, 3, 4)));
    }

    private static LayerView melt() {
        return LayerView.begun(
                say(BeginningMessage.LAYER_MELT),
                Purpose.MELT,
                Region.ALL,
                pattern(PatternKind.ALL),
                List.of(new WhatView(
                        WhatKind.ALONG,
                        aim(7, Tone.NATURAL),
                        List.of(aim(6, Tone.NATURAL)),
                        List.of(aim(8, Tone.BEIGE)),
                        6,
                        12,
                        2,
                        4)));
    }

    private static LayerView tips() {
        return LayerView.begun(
                say(BeginningMessage.LAYER_TIPS),
                Purpose.COLOUR,
                Region.ALL.between(Edge.fromEnds(8), Edge.ENDS),
                pattern(PatternKind.ALL),
                List.of(colour(8, Tone.COPPER)));
    }

    private static LayerView keepNatural() {
        return LayerView.begun(
                say(BeginningMessage.LAYER_NATURAL_KEPT),
                Purpose.STAYS,
                Region.ALL.only(Region.Which.NATURAL),
                pattern(PatternKind.ALL),
                List.of(new WhatView(WhatKind.STAYS, aim(6, Tone.NATURAL), List.of(), List.of(), 5, 10, 2, 2)));
    }

    private static LayerView gloss() {
        return LayerView.begun(
                say(BeginningMessage.LAYER_GLOSSED_FRAME),
                Purpose.GLOSS,
                LayerView.on(ZonePlace.FRINGE, ZonePlace.HAIRLINE),
                pattern(PatternKind.ALL),
                List.of(colour(9, Tone.BEIGE)));
    }

    static List<Beginning> all() {
        return List.of(
                new Beginning(
                        say(BeginningMessage.FINE_FOILS),
                        say(BeginningMessage.FINE_FOILS_WHY),
                        List.of(fine(0.4), tap())),
                new Beginning(
                        say(BeginningMessage.SHADOW_AND_PANELS),
                        say(BeginningMessage.SHADOW_AND_PANELS_WHY),
                        List.of(panels(), shadow())),
                new Beginning(say(BeginningMessage.FRAME), say(BeginningMessage.FRAME_WHY), List.of(frame())),
                new Beginning(
                        say(BeginningMessage.LOWLIGHTS_ABOVE),
                        say(BeginningMessage.LOWLIGHTS_ABOVE_WHY),
                        List.of(lowlights())),
                new Beginning(
                        say(BeginningMessage.LOWLIGHTS_AND_FRAME),
                        say(BeginningMessage.LOWLIGHTS_AND_FRAME_WHY),
                        List.of(lowlights(), gloss())),
                new Beginning(
                        say(BeginningMessage.BREAK_UP), say(BeginningMessage.BREAK_UP_WHY), List.of(bandBreakUp())),
                new Beginning(
                        say(BeginningMessage.WOVEN), say(BeginningMessage.WOVEN_WHY), List.of(wovenMelt(), shadow())),
                new Beginning(say(BeginningMessage.WHOLE_MELT), say(BeginningMessage.WHOLE_MELT_WHY), List.of(melt())),
                new Beginning(say(BeginningMessage.SHADOW), say(BeginningMessage.SHADOW_WHY), List.of(shadow())),
                new Beginning(say(BeginningMessage.OTHER_TIPS), say(BeginningMessage.OTHER_TIPS_WHY), List.of(tips())),
                new Beginning(
                        say(BeginningMessage.NATURAL), say(BeginningMessage.NATURAL_WHY), List.of(keepNatural())));
    }

    private static String say(BeginningMessage message) {
        return Catalogue.spoken().say(message.alone());
    }
}
