package mischung.server.api;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import mischung.hair.ZonePlace;
import mischung.sequence.SectionPlan.Foil;
import mischung.wish.Layer;

/** Our own head, drawn from four sides on a field of 300 by 300, and where a zone's partings lie in each. */
public enum HeadView {
    BACK(
            "Back",
            Map.of(
                    ZonePlace.CROWN, new Box(74, 34, 152, 74),
                    ZonePlace.BACK, new Box(56, 114, 188, 86),
                    ZonePlace.NAPE, new Box(90, 206, 120, 54))),
    ABOVE(
            "From above",
            Map.of(
                    ZonePlace.HAIRLINE, new Box(84, 34, 132, 16),
                    ZonePlace.FRINGE, new Box(92, 56, 116, 58),
                    ZonePlace.PARTING, new Box(118, 120, 64, 90))),
    LEFT(
            "Left side",
            Map.of(ZonePlace.SIDE_LEFT, new Box(76, 62, 132, 150), ZonePlace.SIDES, new Box(76, 62, 132, 150))),
    RIGHT(
            "Right side",
            Map.of(ZonePlace.SIDE_RIGHT, new Box(92, 62, 132, 150), ZonePlace.SIDES, new Box(92, 62, 132, 150)));

    static final double SIZE = 300;
    private static final double GAP = 2;

    /** Left, top, width and height. */
    record Box(double x, double y, double width, double height) {}

    private final String words;
    private final Map<ZonePlace, Box> boxes = new EnumMap<>(ZonePlace.class);

    HeadView(String words, Map<ZonePlace, Box> wholes) {
        this.words = words;
        wholes.forEach((place, box) -> {
            boxes.put(place, box);
            List<ZonePlace> halves = place.halves();
            if (halves.size() == 2 && place != ZonePlace.SIDES) {
                double half = box.width / 2 - GAP;
                boxes.put(halves.get(0), new Box(box.x, box.y, half, box.height));
                boxes.put(halves.get(1), new Box(box.x + box.width - half, box.y, half, box.height));
            }
        });
    }

    String words() {
        return words;
    }

    boolean shows(ZonePlace place) {
        return boxes.containsKey(place);
    }

    /** Of the whole zone; nothing where this side does not show it. */
    Box of(ZonePlace place) {
        return boxes.getOrDefault(place, new Box(0, 0, 0, 0));
    }

    /** Layers of one zone lie beside each other, their partings above each other, the lowest first. */
    Box of(Foil foil, List<Foil> all) {
        Box zone = of(foil.place());
        List<Integer> layers = all.stream()
                .filter(other -> other.zone() == foil.zone())
                .map(Foil::layer)
                .distinct()
                .toList();
        double width = zone.width / layers.size();
        double left = zone.x + width * layers.indexOf(foil.layer());
        boolean upright = foil.direction() == Layer.Direction.VERTICAL;
        int columns = upright ? foil.rows() : foil.columns();
        int rows = upright ? foil.columns() : foil.rows();
        int column = upright ? foil.row() : foil.column();
        int row = upright ? foil.column() : foil.row();
        double gap = Math.min(GAP, zone.height / rows / 5);
        return new Box(
                left + (column - 1) * width / columns + GAP / 2,
                zone.y + zone.height - row * zone.height / rows + gap / 2,
                width / columns - GAP,
                zone.height / rows - gap);
    }
}
