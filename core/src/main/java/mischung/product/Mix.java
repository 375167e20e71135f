package mischung.product;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import mischung.hair.Dyes;
import mischung.said.Figure;
import mischung.said.RefusalMessage;
import mischung.said.RefusedInput;
import mischung.said.Said;
import mischung.said.Unit;

/** Shades of one class by whole parts. The first part is the one the mix is named for. */
public record Mix(List<Part> parts) {
    /** @param parts 1–6 */
    public record Part(Shade shade, int parts) {
        public Part {
            RefusedInput.within("parts", parts, 1, 6, Unit.NONE);
        }
    }

    /** Three shades and clear. */
    public static final int MOST_SHADES = 4;

    public Mix {
        parts = List.copyOf(parts);
        if (parts.isEmpty() || parts.size() > MOST_SHADES) {
            throw new RefusedInput("parts", parts.size(), RefusalMessage.THREE_SHADES);
        }
        Set<String> seen = new HashSet<>();
        for (Part part : parts) {
            if (part.shade.shadeClass() != parts.get(0).shade.shadeClass()) {
                throw new RefusedInput("parts", part.shade.code(), RefusalMessage.ONE_CLASS);
            }
            if (!seen.add(part.shade.code())) {
                throw new RefusedInput("parts", part.shade.code(), RefusalMessage.SHADE_ONCE);
            }
        }
    }

    public static Mix of(Shade only) {
        return new Mix(List.of(new Part(only, 1)));
    }

    public ShadeClass shadeClass() {
        return parts.get(0).shade.shadeClass();
    }

    public int totalParts() {
        return parts.stream().mapToInt(Part::parts).sum();
    }

    /** Whether there is clear in it. */
    public boolean thinned() {
        return parts.stream().anyMatch(part -> part.shade.isClear());
    }

    /** What one weight of the mix holds: the weighted mean of its shades. */
    public Dyes dyes() {
        Dyes sum = Dyes.NONE;
        for (Part part : parts) {
            sum = sum.plus(part.shade.dyes().times(part.parts));
        }
        return sum.times(1.0 / totalParts());
    }

    /** Mean level of its shades, clear left out (R6); the level of clear if there is nothing else. */
    public double level() {
        double sum = 0;
        int counted = 0;
        for (Part part : parts) {
            if (!part.shade.isClear()) {
                sum += part.parts * part.shade.level();
                counted += part.parts;
            }
        }
        return counted == 0 ? parts.get(0).shade.level() : sum / counted;
    }

    /** "2 parts natural 6 + 1 part gold 6"; the shade alone if there is one. */
    public Figure figure() {
        if (parts.size() == 1) {
            return new Figure.Part(parts.get(0).shade.said());
        }
        return Said.all(
                Figure.Joint.PLUS,
                parts.stream()
                        .map(p -> ProductMessage.PARTS
                                .say()
                                .count("parts", p.parts)
                                .part("shade", p.shade.said())
                                .said())
                        .toList());
    }

    /** "2 parts natural 6 + 1 part gold 6"; the name alone if there is one shade. */
    public String words() {
        if (parts.size() == 1) {
            return parts.get(0).shade.words();
        }
        return parts.stream()
                .map(p -> p.parts + (p.parts == 1 ? " part " : " parts ") + p.shade.words())
                .collect(Collectors.joining(" + "));
    }
}
