package mischung.wish;

import java.util.Set;
import mischung.said.Message;

/** How what is wished of a stretch of hair is called, and how near it comes. */
public enum WishMessage implements Message {
    /** "crown 4–12 cm". */
    STRETCH("place", "from", "to"),
    /** The same of some of its hairs: "crown 4–12 cm pieces". */
    STRETCH_OF("place", "from", "to", "hairs"),
    /** One of several colours of a layer: "lowlights 2". */
    NUMBERED("layer", "number"),
    PART_OF_MELT("part"),
    WOVEN_PIECES("layer"),
    WISHED_COLOUR,
    TIPS,
    BETWEEN_PIECES,
    BETWEEN_PIECES_STAYS,
    NOTHING_WISHED,
    /** A layer as it is called where it follows from another wish. */
    GREY_KEPT,
    NATURAL_STAYS,
    LEFT_OUT,
    FOR_THIS_PART,
    /** "root tap 6 natural". */
    LAYER("layer", "colours"),
    LAYER_STAYS("layer"),
    /** A layer with its pattern, heights and zones: "babylights 9 pearl · 30 % woven out, 3 mm · all zones". */
    LINE("parts"),
    ALL_ZONES,
    STAYS,
    LIFTED_TO("colour"),
    /** Colours along the strand: "5 natural to 8 gold". */
    ALONG("from", "to"),
    /** Heights along the strand. */
    ROOT_TO("length"),
    LAST("length"),
    STAGGERED("length"),
    FEATHERED("length"),
    MILLIMETRES("length"),
    CENTIMETRES("length"),
    FROM_TO("from", "to"),
    THE_SCALP,
    THE_ENDS,
    FROM_ENDS("length"),
    NATURAL_ENDS,
    PAST_NATURAL("length"),
    ABOVE_NATURAL("length"),
    BAND_BEGINS("band"),
    /** Patterns. */
    WEAVE("share", "width"),
    SLICES("thickness", "every"),
    PANELS("parting"),
    PANELS_WOVEN("parting", "share"),
    FRAME("foils"),
    ALL_OF_IT,
    /** Whole wishes. */
    EVEN("main"),
    MELT("root", "main", "ends"),
    WITH_ROOT("main", "design", "root"),
    WITH_TIPS("main", "ends"),
    PIECES_ALONE("design", "pieces"),
    PIECES_IN("design", "pieces", "main"),
    WITH_LAYERS("wish", "layers"),
    /** Wishes that cannot all be had. */
    ALL_STAYS("wish"),
    SHADOW_IS_LIGHTER("design", "root", "main"),
    LOWLIGHTS_ARE_LIGHTER("pieces", "main"),
    HIGHLIGHTS_ARE_DARKER("pieces", "main"),
    NATURAL_AND_COLOURED("to", "wish"),
    GREY_AND_NATURAL,
    NO_LIGHTENER("zone", "band", "level", "wish", "levels"),
    LAYER_ON_NO_HAIR("layer"),
    TIPS_CUT_OFF("tips", "trim"),
    TRIM_TAKES_ALL("trim", "place"),
    /** How near a colour is to the one wished: "close to the wish (3.1)". */
    MATCH("match", "difference");

    private final Set<String> figures;

    WishMessage(String... figures) {
        this.figures = Set.of(figures);
    }

    @Override
    public String key() {
        return "wish." + name();
    }

    @Override
    public Set<String> figures() {
        return figures;
    }
}
