package mischung.history;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.stream.Collectors;
import mischung.hair.Band;
import mischung.hair.BandKind;
import mischung.hair.LevelScale;
import mischung.hair.Look;
import mischung.said.Figure;
import mischung.said.Said;

/**
 * A stretch of a strand with one history, as the dates have it.
 *
 * @param events what went on it, oldest first
 * @param layersFrom fewest layers of oxidative colour anywhere on it; woven pieces count by their share
 * @param layers on most of it
 * @param layersTo most
 * @param lightened how often it was lightened, woven pieces by their share
 * @param kind what it is by now
 * @param underFrom lowest likely level beneath any dye
 * @param underTo highest
 * @param look what the model makes of this past
 * @param levelFrom darkest it is likely to look
 * @param levelTo lightest
 * @param proposed the band as it would be read; its level and tone are the model's guess
 */
public record Stretch(
        Border from,
        Border to,
        List<Event> events,
        double layersFrom,
        double layers,
        double layersTo,
        double lightened,
        BandKind kind,
        double underFrom,
        double underTo,
        Look look,
        double levelFrom,
        double levelTo,
        Band proposed) {
    public Stretch {
        events = List.copyOf(events);
    }

    /** "coloured, 4–5 layers of colour, under any dye level 5–6½". */
    public Said said() {
        List<Figure> parts = new ArrayList<>(List.of(Figure.Named.of(kind)));
        if (layersTo > 0) {
            parts.add(new Figure.Part(layerCount()));
        }
        if (lightened > 0) {
            parts.add(new Figure.Part(
                    lightened < 1
                            ? HistoryMessage.LIFTED_IN_PIECES
                                    .say()
                                    .share("share", lightened)
                                    .said()
                            : HistoryMessage.LIFTED
                                    .say()
                                    .tenth("times", lightened)
                                    .said()));
        }
        if (kind != BandKind.NATURAL) {
            parts.add(new Figure.Part(HistoryMessage.UNDER_DYE
                    .say()
                    .levels("levels", underFrom, underTo)
                    .said()));
        }
        return HistoryMessage.STRETCH
                .say()
                .with("parts", new Figure.All(Figure.Joint.COMMA, parts))
                .said();
    }

    private Said layerCount() {
        return LevelScale.figure(layersFrom).equals(LevelScale.figure(layersTo))
                ? HistoryMessage.LAYERS.say().tenth("layers", layersFrom).said()
                : HistoryMessage.LAYERS_BETWEEN
                        .say()
                        .tenth("from", layersFrom)
                        .tenth("to", layersTo)
                        .said();
    }

    /** Each event once, with how often. */
    public List<Said> told() {
        return events.stream()
                .collect(Collectors.groupingBy(Event::said, LinkedHashMap::new, Collectors.counting()))
                .entrySet()
                .stream()
                .map(e -> e.getValue() > 1
                        ? HistoryMessage.TIMES
                                .say()
                                .count("times", (double) e.getValue())
                                .part("event", e.getKey())
                                .said()
                        : e.getKey())
                .toList();
    }
}
