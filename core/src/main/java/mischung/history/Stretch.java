package mischung.history;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.stream.Collectors;
import mischung.hair.Band;
import mischung.hair.BandKind;
import mischung.hair.LevelScale;
import mischung.hair.Look;

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

    /** "coloured, 4–5 layers, under it about level 5–6½". */
    public String words() {
        String counted = layersTo <= 0 ? "" : ", " + layerWords();
        String lifts = lightened <= 0 ? "" : ", lightened " + times(lightened);
        String under = kind == BandKind.NATURAL
                ? ""
                : ", under any dye level " + range(LevelScale.words(underFrom), LevelScale.words(underTo));
        return kind.words() + counted + lifts + under;
    }

    private String layerWords() {
        String range = range(LevelScale.figure(layersFrom), LevelScale.figure(layersTo));
        return range + (range.equals("1") ? " layer" : " layers") + " of colour";
    }

    private static String times(double count) {
        return count < 1
                ? "in woven pieces (" + Math.round(100 * count) + " %)"
                : count == 1 ? "once" : LevelScale.figure(count) + " times";
    }

    private static String range(String from, String to) {
        return from.equals(to) ? from : from + "–" + to;
    }

    /** Each event once, in words. */
    public List<String> eventWords() {
        return events.stream()
                .collect(Collectors.groupingBy(Event::words, LinkedHashMap::new, Collectors.counting()))
                .entrySet()
                .stream()
                .map(e -> e.getValue() > 1 ? e.getValue() + " × " + e.getKey() : e.getKey())
                .toList();
    }
}
