package mischung.mix;

import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import mischung.product.Developer;
import mischung.product.Lightener;
import mischung.product.Shade;
import mischung.product.ShadeClass;
import mischung.shelf.Item;
import mischung.shelf.Kind;
import mischung.shelf.Shelf;

/**
 * What a bowl holds, whoever asked for it and whatever it was planned for.
 *
 * @param kinds of products in it
 * @param classes of its shades
 * @param lighteners in it, as their makers want them used
 * @param volume of its developer as it is blended, water counted in; 0 where there is none
 */
public record BowlContent(Set<Kind> kinds, Set<ShadeClass> classes, Set<Lightener> lighteners, double volume) {
    public BowlContent {
        kinds = Set.copyOf(kinds);
        classes = Set.copyOf(classes);
        lighteners = Set.copyOf(lighteners);
    }

    /** @param shelf with the products of the lines; what it does not list tells nothing */
    public static BowlContent of(List<Line> lines, Shelf shelf) {
        EnumSet<Kind> kinds = EnumSet.noneOf(Kind.class);
        EnumSet<ShadeClass> classes = EnumSet.noneOf(ShadeClass.class);
        Set<Lightener> lighteners = new HashSet<>();
        double fluid = 0;
        double strength = 0;
        for (Line line : lines) {
            Optional<Item> item = shelf.item(line.code());
            item.ifPresent(found -> kinds.add(found.product().kind()));
            item.flatMap(found -> found.product().shade())
                    .filter(shade -> !shade.isClear())
                    .map(Shade::shadeClass)
                    .ifPresent(classes::add);
            item.flatMap(found -> found.product().lightener()).ifPresent(lighteners::add);
            boolean developer = item.filter(found -> found.product().kind() == Kind.DEVELOPER)
                    .isPresent();
            if (developer || line.role() == Line.Role.WATER) {
                fluid += line.grams();
                strength +=
                        developer ? line.grams() * item.orElseThrow().product().volume() : 0;
            }
        }
        return new BowlContent(
                kinds, classes, lighteners, fluid > 0 ? Math.min(Developer.STRONGEST, strength / fluid) : 0);
    }
}
