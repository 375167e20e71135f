package mischung.shelf;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import mischung.product.Developer;
import mischung.product.Lightener;
import mischung.product.ProductRange;
import mischung.product.Shade;
import mischung.product.ShadeClass;

/**
 * All products of the house that are in use, those of the range it prefers first. What is planned with follows from it:
 * of every class of shades those of the first range that has any, since shades of two makers are not mixed.
 */
public record Shelf(List<Item> items) {
    public Shelf {
        items = List.copyOf(items);
    }

    /** The made-up range that ships, and one of everything else, none of it counted. */
    public static Shelf demo() {
        return new Shelf(DemoShelf.items().stream()
                .map(item -> item.with(Stock.UNCOUNTED))
                .toList());
    }

    public Optional<Item> item(String code) {
        return items.stream().filter(item -> item.product().code().equals(code)).findFirst();
    }

    public Optional<Shade> shade(String code) {
        return item(code).flatMap(item -> item.product().shade());
    }

    /** Of a kind; what there is some of first. */
    public Optional<Item> of(Kind kind) {
        List<Item> some =
                items.stream().filter(item -> item.product().kind() == kind).toList();
        return some.stream()
                .filter(item -> !item.out())
                .findFirst()
                .or(() -> some.stream().findFirst());
    }

    public List<Item> developers() {
        return items.stream()
                .filter(item -> item.product().kind() == Kind.DEVELOPER)
                .toList();
    }

    public ProductRange range() {
        return range(Set.of());
    }

    /**
     * What formulas are searched over; what is out is set aside, so that a plan says what it costs in colour.
     *
     * @param kept codes that count as there even when the last of them is in a bowl
     */
    public ProductRange range(Set<String> kept) {
        Map<ShadeClass, List<Item>> byClass = new EnumMap<>(ShadeClass.class);
        for (Item item : items) {
            item.product()
                    .shade()
                    .ifPresent(shade -> byClass.computeIfAbsent(shade.shadeClass(), of -> new ArrayList<>())
                            .add(item));
        }
        Map<ShadeClass, String> ranges = new EnumMap<>(ShadeClass.class);
        byClass.forEach((of, all) -> ranges.put(of, all.get(0).product().range()));
        List<Shade> shades = new ArrayList<>();
        List<Shade> out = new ArrayList<>();
        Map<ShadeClass, ProductRange.Habit> habits = new HashMap<>();
        byClass.forEach((of, all) -> {
            String range = all.get(0).product().range();
            List<Item> one = all.stream()
                    .filter(item -> item.product().range().equals(range))
                    .toList();
            one.forEach(item -> (item.out() && !kept.contains(item.product().code()) ? out : shades)
                    .add(ofOneMaker(item.product(), ranges)));
            habits.put(of, mostOften(one));
        });
        List<Developer> developers = developers().stream()
                .filter(item -> !item.out())
                .map(item -> item.product().volume())
                .distinct()
                .sorted()
                .map(Developer::new)
                .toList();
        return new ProductRange(
                items.isEmpty() ? "Empty shelf" : items.get(0).product().range(),
                shades,
                developers,
                out,
                lighteners(kept),
                habits);
    }

    /** What a maker says of its own classes is not said of another maker's. */
    private static Shade ofOneMaker(Product product, Map<ShadeClass, String> ranges) {
        Shade shade = product.shade().orElseThrow();
        return shade.mixingWith(shade.mixesWith().stream()
                .filter(of -> product.range().equals(ranges.get(of)))
                .collect(Collectors.toSet()));
    }

    /** What lifts, of all ranges; what is out only if there is nothing else. */
    public List<Lightener> lighteners(Set<String> kept) {
        List<Item> all = items.stream()
                .filter(item -> item.product().lightener().isPresent())
                .toList();
        List<Item> there = all.stream()
                .filter(item -> !item.out() || kept.contains(item.product().code()))
                .toList();
        return (there.isEmpty() ? all : there)
                .stream().flatMap(item -> item.product().lightener().stream()).toList();
    }

    /** What can be stirred into lightener. */
    public List<Lightener.Additive> additives() {
        return items.stream()
                .flatMap(item -> item.product().additive().stream())
                .toList();
    }

    /** One ratio and one time for a class, those most of its shades have: a bowl can have only one of each. */
    private static ProductRange.Habit mostOften(List<Item> shades) {
        return shades.stream()
                .collect(Collectors.groupingBy(item -> item.product().habit(), Collectors.counting()))
                .entrySet()
                .stream()
                .max(Map.Entry.<ProductRange.Habit, Long>comparingByValue()
                        .thenComparing(Map.Entry.comparingByKey(Comparator.comparingDouble(ProductRange.Habit::ratio)
                                .thenComparingDouble(ProductRange.Habit::minutes))))
                .orElseThrow()
                .getKey();
    }

    /** The same with what there is looked up anew. */
    public Shelf with(Function<Item, Stock> stock) {
        return new Shelf(
                items.stream().map(item -> item.with(stock.apply(item))).toList());
    }
}
