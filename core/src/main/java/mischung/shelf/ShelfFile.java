package mischung.shelf;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import mischung.hair.Dyes;
import mischung.hair.LevelScale;
import mischung.hair.SecondTone;
import mischung.hair.Tone;
import mischung.hair.ToneMix;
import mischung.light.Lab;
import mischung.product.Lightener;
import mischung.product.Mix;
import mischung.product.ProductRange;
import mischung.product.Shade;
import mischung.product.ShadeClass;
import mischung.said.RefusalMessage;
import mischung.said.RefusedInput;
import mischung.said.Unit;

/**
 * A line of a range's file and back, by the columns of {@code docs/shelf.md}.
 *
 * <p>A shade's tone is written in one of three ways: in a word ({@code copper}, {@code clear}); as parts of such words
 * ({@code 2 copper + 1 gold}); or as the measured colour of a swatch on white hair ({@code lab 38.2 14.1 21.7}: L*, a*, b*
 * under D65, 2° observer).
 */
public final class ShelfFile {
    public static final List<String> COLUMNS = List.of(
            "kind",
            "code",
            "name",
            "class",
            "level",
            "tone",
            "volume",
            "ratio",
            "minutes",
            "pack_g",
            "pack_price",
            "packs",
            "opened_g",
            "low_g",
            "speed",
            "harshness",
            "most_volume",
            "most_levels",
            "scalp",
            "open_air",
            "cools",
            "share",
            "mixes_with");

    private static final String CLEAR = "clear";
    private static final String YES = "yes";
    private static final String NO = "no";
    private static final double LIGHTEST_SHADE = 10;
    private static final String NUMBER = "(-?\\d{1,3}(?:\\.\\d{1,4})?)";
    private static final Pattern SWATCH = Pattern.compile("lab " + NUMBER + " " + NUMBER + " " + NUMBER);
    private static final Pattern PART = Pattern.compile("(\\d) ([a-z]+)");

    /** A range of two thousand shades names the same few hundred colours again and again. */
    private static final Map<Wanted, Shade> DERIVED = new ConcurrentHashMap<>();

    private record Wanted(ShadeClass of, double level, Tone tone) {
        Shade derived() {
            return Shade.derived(of, level, tone);
        }
    }

    private ShelfFile() {}

    /**
     * @param cell what stands in a column of the line; empty where nothing does
     * @throws RefusedInput naming the column
     */
    public static Item read(String range, UnaryOperator<String> cell) {
        Kind kind = named("kind", cell.apply("kind"), Kind.values());
        Optional<ShadeClass> of = kind == Kind.SHADE
                ? Optional.of(named("class", cell.apply("class"), ShadeClass.values()))
                : Optional.empty();
        String code = cell.apply("code");
        String tone = kind == Kind.SHADE ? cell.apply("tone").strip().toLowerCase(Locale.ROOT) : "";
        Optional<Shade> shade = of.map(shadeClass ->
                shade(code, shadeClass, cell.apply("level"), tone).mixingWith(classes(cell.apply("mixes_with"))));
        ProductRange.Habit usual = of.map(
                        shadeClass -> new ProductRange.Habit(shadeClass.developerPerColour(), shadeClass.fullMinutes()))
                .orElse(new ProductRange.Habit(0, 1));
        String name = cell.apply("name");
        Product product = new Product(
                code,
                range,
                kind,
                name.isBlank() ? shade.map(Shade::words).orElse(code) : name,
                shade,
                tone,
                kind == Kind.DEVELOPER ? number("volume", cell.apply("volume")) : 0,
                new ProductRange.Habit(
                        number("ratio", cell.apply("ratio"), usual.ratio()),
                        number("minutes", cell.apply("minutes"), usual.minutes())),
                kind == Kind.LIGHTENER ? Optional.of(lightener(code, name, cell)) : Optional.empty(),
                kind == Kind.ADDITIVE ? Optional.of(additive(code, name, cell)) : Optional.empty(),
                number("pack_g", cell.apply("pack_g")),
                number("pack_price", cell.apply("pack_price"), 0));
        return new Item(product, stock(cell, product.packGrams()));
    }

    /** Classes in words, with spaces between. */
    public static Set<ShadeClass> classes(String words) {
        EnumSet<ShadeClass> all = EnumSet.noneOf(ShadeClass.class);
        for (String word :
                words.strip().isEmpty() ? new String[0] : words.strip().split(" +", -1)) {
            all.add(named("mixes_with", word, ShadeClass.values()));
        }
        return all;
    }

    /** What {@link #classes} reads. */
    public static String words(Set<ShadeClass> classes) {
        return classes.stream().map(of -> of.name().toLowerCase(Locale.ROOT)).collect(Collectors.joining(" "));
    }

    /** What is not said is as of plain powder; what a file says nothing of may touch the scalp, up to 20 vol. */
    private static Lightener lightener(String code, String name, UnaryOperator<String> cell) {
        Lightener plain = Lightener.PLAIN;
        return new Lightener(
                code,
                name.isBlank() ? code : name.strip(),
                number("ratio", cell.apply("ratio"), plain.ratio()),
                number("speed", cell.apply("speed"), plain.speed()),
                number("harshness", cell.apply("harshness"), plain.harshness()),
                number("most_volume", cell.apply("most_volume"), plain.mostVolume()),
                number("most_levels", cell.apply("most_levels"), plain.mostLevels()),
                yes("scalp", cell.apply("scalp"), plain.scalp()),
                yes("open_air", cell.apply("open_air"), plain.openAir()),
                Optional.empty());
    }

    private static Lightener.Additive additive(String code, String name, UnaryOperator<String> cell) {
        return new Lightener.Additive(
                code,
                name.isBlank() ? code : name.strip(),
                number("cools", cell.apply("cools")),
                number("share", cell.apply("share")));
    }

    private static boolean yes(String column, String cell, boolean empty) {
        return switch (cell.strip().toLowerCase(Locale.ROOT)) {
            case "" -> empty;
            case YES -> true;
            case NO -> false;
            default ->
                throw new RefusedInput(
                        column,
                        cell,
                        RefusalMessage.ONE_OF.say().typed("all", "yes, no").said());
        };
    }

    private static Stock stock(UnaryOperator<String> cell, double packGrams) {
        String packs = cell.apply("packs").strip();
        String opened = cell.apply("opened_g").strip();
        double low = number("low_g", cell.apply("low_g"), 0);
        if (packs.isEmpty() && opened.isEmpty()) {
            return new Stock(false, 0, List.of(), low);
        }
        double full = number("packs", packs, 0);
        if (full != Math.rint(full)) {
            throw new RefusedInput("packs", packs, RefusalMessage.WHOLE_PACKS);
        }
        List<Double> open = opened.isEmpty()
                ? List.of()
                : Arrays.stream(opened.split(" +", -1))
                        .map(grams -> RefusedInput.within("opened_g", number("opened_g", grams), 0, packGrams, Unit.G))
                        .toList();
        return new Stock(true, (int) RefusedInput.within("packs", full, 0, 10_000, Unit.PACKS), open, low);
    }

    private static Shade shade(String code, ShadeClass of, String levelCell, String tone) {
        if (tone.equals(CLEAR)) {
            return coded(code, Shade.clear(of));
        }
        double level = RefusedInput.within("level", number("level", levelCell), 1, LIGHTEST_SHADE, Unit.NONE);
        LevelScale.requireHalves("level", level);
        return shade(code, of, level, tone);
    }

    /**
     * What a shade holds, derived from how it is written.
     *
     * @param tone in any of the three ways, or clear
     * @throws RefusedInput naming the column
     */
    public static Shade shade(String code, ShadeClass of, double level, String tone) {
        if (tone.equals(CLEAR)) {
            return coded(code, Shade.clear(of));
        }
        Matcher swatch = SWATCH.matcher(tone);
        if (swatch.matches()) {
            return SwatchShade.of(
                    code,
                    of,
                    level,
                    Lab.d65(
                            RefusedInput.within("tone", Double.parseDouble(swatch.group(1)), 2, 98, Unit.NONE),
                            RefusedInput.within("tone", Double.parseDouble(swatch.group(2)), -90, 90, Unit.NONE),
                            RefusedInput.within("tone", Double.parseDouble(swatch.group(3)), -90, 90, Unit.NONE)));
        }
        List<Mix.Part> parts = new ArrayList<>();
        for (String part :
                (Character.isDigit(tone.isEmpty() ? 'x' : tone.charAt(0)) ? tone : "1 " + tone).split(" *\\+ *", -1)) {
            Matcher words = PART.matcher(part);
            if (!words.matches()) {
                throw toneNotRead(tone);
            }
            Wanted wanted = new Wanted(of, level, toneNamed(tone, words.group(2)));
            parts.add(new Mix.Part(DERIVED.computeIfAbsent(wanted, Wanted::derived), parts(words.group(1))));
        }
        Mix mix = mixed(tone, parts);
        Dyes dyes = mix.dyes();
        double misfit =
                parts.stream().mapToDouble(part -> part.shade().misfit()).max().orElse(0);
        ToneMix tones = tonesOf(parts);
        return new Shade(code, of, level, Optional.of(tones.main()), tones.second(), dyes, misfit);
    }

    /** Named by the two there is most of. */
    private static ToneMix tonesOf(List<Mix.Part> parts) {
        List<Mix.Part> most = parts.stream()
                .sorted(Comparator.comparingInt(Mix.Part::parts).reversed())
                .toList();
        double total = parts.stream().mapToInt(Mix.Part::parts).sum();
        Optional<SecondTone> second = most.stream()
                .skip(1)
                .findFirst()
                .filter(part -> part.parts() / total >= SecondTone.LEAST)
                .map(part -> new SecondTone(part.shade().tone().orElseThrow(), part.parts() / total));
        return new ToneMix(most.get(0).shade().tone().orElseThrow(), second);
    }

    /** The second tone of a shade that was written as parts; a pair of words alone costs nothing to read. */
    public static Optional<SecondTone> secondOf(ShadeClass of, double level, String tone) {
        return tone.contains("+") ? shade("", of, level, tone).second() : Optional.empty();
    }

    private static int parts(String digit) {
        return (int) RefusedInput.within("tone", Integer.parseInt(digit), 1, 6, Unit.PARTS);
    }

    private static Mix mixed(String tone, List<Mix.Part> parts) {
        try {
            return new Mix(parts);
        } catch (RefusedInput wrong) {
            throw new RefusedInput("tone", tone, wrong.remedy());
        }
    }

    private static Tone toneNamed(String whole, String word) {
        return Arrays.stream(Tone.values())
                .filter(Tone::wishable)
                .filter(tone ->
                        tone.name().equalsIgnoreCase(word) || tone.words().equals(word))
                .findFirst()
                .orElseThrow(() -> toneNotRead(whole));
    }

    private static RefusedInput toneNotRead(String tone) {
        return new RefusedInput(
                "tone",
                tone,
                RefusalMessage.TONE_WRITTEN.say().typed("tones", wishable()).said());
    }

    private static String wishable() {
        return Arrays.stream(Tone.values())
                .filter(Tone::wishable)
                .map(tone -> tone.name().toLowerCase(Locale.ROOT))
                .collect(Collectors.joining(", "));
    }

    /** How a shade that was derived from its words is written. */
    static String toneOf(Shade shade) {
        return shade.tone().map(tone -> tone.name().toLowerCase(Locale.ROOT)).orElse(CLEAR);
    }

    private static Shade coded(String code, Shade shade) {
        return new Shade(
                code,
                shade.shadeClass(),
                shade.level(),
                shade.tone(),
                shade.second(),
                shade.dyes(),
                shade.misfit(),
                shade.mixesWith());
    }

    private static <E extends Enum<E>> E named(String column, String cell, E[] all) {
        return Arrays.stream(all)
                .filter(one -> one.name().equalsIgnoreCase(cell.strip()))
                .findFirst()
                .orElseThrow(() -> new RefusedInput(
                        column,
                        cell,
                        RefusalMessage.ONE_OF
                                .say()
                                .typed(
                                        "all",
                                        Arrays.stream(all)
                                                .map(one -> one.name().toLowerCase(Locale.ROOT))
                                                .collect(Collectors.joining(", ")))
                                .said()));
    }

    private static double number(String column, String cell, double empty) {
        return cell.isBlank() ? empty : number(column, cell);
    }

    private static double number(String column, String cell) {
        try {
            double value = Double.parseDouble(cell.strip());
            if (Double.isFinite(value)) {
                return value;
            }
        } catch (NumberFormatException wrong) {
            // Said below, with the column.
        }
        throw new RefusedInput(column, cell, RefusalMessage.NUMBER_WITH_POINT);
    }

    /** The cells of a product, in the order of {@link #COLUMNS}. */
    public static List<String> write(Item item) {
        Product product = item.product();
        Optional<Shade> shade = product.shade();
        Stock stock = item.stock();
        Optional<Lightener> lifts = product.lightener();
        Optional<Lightener.Additive> cools = product.additive();
        return List.of(
                product.kind().name().toLowerCase(Locale.ROOT),
                product.code(),
                product.name(),
                shade.map(s -> s.shadeClass().name().toLowerCase(Locale.ROOT)).orElse(""),
                shade.filter(s -> !s.isClear()).map(s -> plain(s.level())).orElse(""),
                product.tone(),
                product.kind() == Kind.DEVELOPER ? plain(product.volume()) : "",
                shade.isPresent() || lifts.isPresent() ? plain(product.habit().ratio()) : "",
                shade.isPresent() ? plain(product.habit().minutes()) : "",
                plain(product.packGrams()),
                plain(product.packPrice()),
                stock.counted() ? Integer.toString(stock.packs()) : "",
                stock.opened().stream().map(ShelfFile::plain).collect(Collectors.joining(" ")),
                plain(stock.lowGrams()),
                lifts.map(one -> plain(one.speed())).orElse(""),
                lifts.map(one -> plain(one.harshness())).orElse(""),
                lifts.map(one -> plain(one.mostVolume())).orElse(""),
                lifts.map(one -> plain(one.mostLevels())).orElse(""),
                lifts.map(one -> one.scalp() ? YES : NO).orElse(""),
                lifts.map(one -> one.openAir() ? YES : NO).orElse(""),
                cools.map(one -> Double.toString(one.cools())).orElse(""),
                cools.map(one -> Double.toString(one.share())).orElse(""),
                shade.map(s -> words(s.mixesWith())).orElse(""));
    }

    private static String plain(double value) {
        double rounded = Math.rint(value * 100) / 100;
        return rounded == Math.rint(rounded) ? Long.toString((long) rounded) : Double.toString(rounded);
    }
}
