package mischung.hair;

import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;
import mischung.light.Lab;
import mischung.said.Figure;
import mischung.said.RefusalMessage;
import mischung.said.RefusedInput;

/** A tone as the trade speaks of it: one name, or two of which the first leads. */
public record ToneMix(Tone main, Optional<SecondTone> second) {
    public ToneMix {
        requireTwo(main, second);
    }

    /** @throws RefusedInput where the second is the first again */
    public static void requireTwo(Tone main, Optional<SecondTone> second) {
        if (second.filter(other -> other.tone() == main).isPresent()) {
            throw new RefusedInput(
                    "second",
                    main,
                    RefusalMessage.OTHER_TONE.say().thing("tone", main).said());
        }
    }

    public static ToneMix of(Tone main) {
        return new ToneMix(main, Optional.empty());
    }

    /** The form in data: "beige", "beige+gold 0.3". */
    public static ToneMix named(String name) {
        int plus = name.indexOf('+');
        if (plus < 0) {
            return of(Tone.named(name));
        }
        int blank = name.indexOf(' ', plus);
        SecondTone beside = new SecondTone(
                Tone.named(name.substring(plus + 1, blank)), Double.parseDouble(name.substring(blank + 1)));
        return new ToneMix(Tone.named(name.substring(0, plus)), Optional.of(beside));
    }

    /** What {@link #named} reads. */
    public String name() {
        return second.map(other -> main.name() + "+" + other.tone().name() + " " + other.share())
                .orElseGet(main::name);
    }

    /** Share of a tone in it, 0–1. */
    public double share(Tone tone) {
        double beside = second.map(SecondTone::share).orElse(0.0);
        if (tone == main) {
            return 1 - beside;
        }
        return second.filter(other -> other.tone() == tone).isPresent() ? beside : 0;
    }

    /** Share of all such tones in it, 0–1. */
    public double share(Predicate<Tone> which) {
        double beside = second.map(SecondTone::share).orElse(0.0);
        boolean other = second.filter(tone -> which.test(tone.tone())).isPresent();
        return (which.test(main) ? 1 - beside : 0) + (other ? beside : 0);
    }

    public boolean any(Predicate<Tone> which) {
        return Stream.concat(Stream.of(main), second.stream().map(SecondTone::tone))
                .anyMatch(which);
    }

    /** The colour meant at such a level, under D65: between those of its tones, by their shares. */
    public Lab colourAt(double level) {
        Lab first = ToneScale.colourOf(level, main);
        return second.map(other -> between(first, ToneScale.colourOf(level, other.tone()), other.share()))
                .orElse(first);
    }

    private static Lab between(Lab from, Lab to, double share) {
        return Lab.d65(
                from.l() + share * (to.l() - from.l()),
                from.a() + share * (to.a() - from.a()),
                from.b() + share * (to.b() - from.b()));
    }

    /** "beige", "beige with some gold", "copper-gold". */
    public Figure figure() {
        Figure alone = Figure.Named.of(main);
        return second.<Figure>map(other -> new Figure.Part(other.message()
                        .say()
                        .with("main", alone)
                        .thing("second", other.tone())
                        .said()))
                .orElse(alone);
    }

    /** "beige", "beige with some gold", "copper-gold". */
    public String words() {
        return second.map(other -> other.beside(main)).orElseGet(main::words);
    }
}
