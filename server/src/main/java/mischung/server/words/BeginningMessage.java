package mischung.server.words;

import java.util.Set;
import mischung.said.Message;

/** How designs to begin from, and their layers, are called. */
public enum BeginningMessage implements Message {
    // layers
    LAYER_BABYLIGHTS,
    LAYER_ROOT_TAP,
    LAYER_SHADOW_ROOT,
    LAYER_LOWLIGHTS,
    LAYER_FACE_FRAME,
    LAYER_BAND_BREAK_UP,
    LAYER_PANELS,
    LAYER_WOVEN_MELT,
    LAYER_MELT,
    LAYER_TIPS,
    LAYER_NATURAL_KEPT,
    LAYER_GLOSSED_FRAME,

    // designs to begin from, each with a line on it
    FINE_FOILS,
    FINE_FOILS_WHY,
    SHADOW_AND_PANELS,
    SHADOW_AND_PANELS_WHY,
    FRAME,
    FRAME_WHY,
    LOWLIGHTS_ABOVE,
    LOWLIGHTS_ABOVE_WHY,
    LOWLIGHTS_AND_FRAME,
    LOWLIGHTS_AND_FRAME_WHY,
    BREAK_UP,
    BREAK_UP_WHY,
    WOVEN,
    WOVEN_WHY,
    WHOLE_MELT,
    WHOLE_MELT_WHY,
    SHADOW,
    SHADOW_WHY,
    OTHER_TIPS,
    OTHER_TIPS_WHY,
    NATURAL,
    NATURAL_WHY;

    @Override
    public String key() {
        return "beginning." + name();
    }

    @Override
    public Set<String> figures() {
        return Set.of();
    }
}
