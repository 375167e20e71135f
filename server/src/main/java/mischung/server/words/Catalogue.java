package mischung.server.words;

import com.ibm.icu.text.ListFormatter;
import com.ibm.icu.text.MessageFormat;
import com.ibm.icu.text.MessagePattern;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.MissingResourceException;
import java.util.Objects;
import java.util.ResourceBundle;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import mischung.Phrases;
import mischung.hair.LevelScale;
import mischung.hair.ToneMix;
import mischung.hair.ToneName;
import mischung.said.Figure;
import mischung.said.Message;
import mischung.said.Said;
import mischung.uncertainty.LevelRange;
import mischung.wish.Aim;
import org.springframework.context.i18n.LocaleContext;
import org.springframework.context.i18n.LocaleContextHolder;

/** The words of the program in one language: bundles of ICU messages under {@code mischung/words}. */
public final class Catalogue {
    /** What cautions say, how colours are called, what plans and routes say of themselves, and the words for things. */
    private static final List<String> BUNDLES = List.of(
            "cautions",
            "checks",
            "hair",
            "pages",
            "plans",
            "reasons",
            "refusals",
            "routes",
            "things",
            "wishes",
            "work");

    private static final Map<Language, Catalogue> ALL = new EnumMap<>(Language.class);

    static {
        for (Language language : Language.values()) {
            ALL.put(language, new Catalogue(language));
        }
    }

    private final Locale locale;
    private final Map<String, String> texts = new HashMap<>();
    private final DateTimeFormatter days;
    private final Map<String, MessageFormat> formats = new ConcurrentHashMap<>();

    private Catalogue(Language language) {
        this.locale = language.locale();
        for (String name : BUNDLES) {
            ResourceBundle bundle = ResourceBundle.getBundle(
                    "mischung.words." + name,
                    locale,
                    ResourceBundle.Control.getNoFallbackControl(ResourceBundle.Control.FORMAT_PROPERTIES));
            bundle.keySet().forEach(key -> texts.put(key, bundle.getString(key)));
        }
        this.days = DateTimeFormatter.ofPattern(language == Language.EN ? "d MMMM uuuu" : "d. MMMM uuuu", locale);
    }

    /** Its tag, as "de" (BCP 47). */
    public String language() {
        return locale.getLanguage();
    }

    public static Catalogue of(Language language) {
        return Objects.requireNonNull(ALL.get(language));
    }

    /** In the language of whoever asked: of the request that is answered by this thread, else English. */
    public static Catalogue spoken() {
        LocaleContext asked = LocaleContextHolder.getLocaleContext();
        Locale locale = asked == null ? null : asked.getLocale();
        return of(locale == null ? Language.EN : Language.of(locale));
    }

    /** Every key there is a text for. */
    public Set<String> keys() {
        return new TreeSet<>(texts.keySet());
    }

    /** Names of the figures that stand in a message's text, in any of its wordings. */
    public Set<String> figuresOf(String key) {
        MessagePattern text = new MessagePattern(word(key));
        return IntStream.range(0, text.countParts())
                .mapToObj(text::getPart)
                .filter(part -> part.getType() == MessagePattern.Part.Type.ARG_NAME)
                .map(text::getSubstring)
                .collect(Collectors.toCollection(TreeSet::new));
    }

    /**
     * A text without figures: the word for something.
     *
     * @throws MissingResourceException if this language has none
     */
    public String word(String key) {
        String text = texts.get(key);
        if (text == null) {
            throw new MissingResourceException("No word in " + locale, Catalogue.class.getName(), key);
        }
        return text;
    }

    /** The word for one of a list. */
    public String word(Enum<?> one) {
        return word(Figure.Named.of(one).text());
    }

    /** What a colour of hair that is seen is called: "copper-gold"; the name is one of {@link ToneName#all()}. */
    public String toneName(String name) {
        return word("toneName." + name.replace(' ', '_'));
    }

    /** "beige", "beige with some gold". */
    public String tones(ToneMix mix) {
        return String.valueOf(written(mix.figure()));
    }

    /** "6 natural", "8 copper-gold" for a filler, "about 7 copper (picked)". */
    public String colour(Aim aim) {
        return say(aim.said());
    }

    /** One line of why somebody would choose it. */
    public String why(Enum<?> one) {
        return word(Figure.Named.of(one).text() + ".why");
    }

    /** @throws MissingResourceException if this language has no such message */
    public String say(Said said) {
        Map<String, Object> written = new HashMap<>();
        said.figures().forEach((name, figure) -> written.put(name, written(figure)));
        // Formats hold state while they work.
        synchronized (this) {
            return format(said.message().key()).format(written);
        }
    }

    public String say(Figure figure) {
        return String.valueOf(written(figure));
    }

    /** "1 September 2026". */
    public String day(LocalDate day) {
        return days.format(day);
    }

    /** One that needs no figures. */
    public String say(Message alone) {
        return say(alone.alone());
    }

    /** The same with a capital at the beginning. */
    public String sentence(Said said) {
        return Phrases.capital(say(said));
    }

    /** One after another. */
    public String sentences(List<Said> all) {
        return all.stream().map(this::sentence).collect(Collectors.joining(" "));
    }

    private MessageFormat format(String key) {
        return formats.computeIfAbsent(key, of -> new MessageFormat(word(of), locale));
    }

    private Object written(Figure figure) {
        if (figure instanceof Figure.Count count) {
            return count.value();
        }
        if (figure instanceof Figure.Day day) {
            return days.format(day.day());
        }
        if (figure instanceof Figure.Level level) {
            return LevelScale.words(level.value());
        }
        if (figure instanceof Figure.Levels levels) {
            return new LevelRange(levels.from(), levels.to()).words();
        }
        if (figure instanceof Figure.Share share) {
            return Phrases.percent(share.value());
        }
        if (figure instanceof Figure.Time time) {
            return Phrases.hours(time.minutes());
        }
        if (figure instanceof Figure.Part part) {
            return say(part.said());
        }
        if (figure instanceof Figure.All all) {
            return joined(all);
        }
        return figure instanceof Figure.Named named ? word(named.text()) : figure.text();
    }

    private String joined(Figure.All all) {
        List<String> written = all.figures().stream()
                .map(figure -> String.valueOf(written(figure)))
                .toList();
        return switch (all.joint()) {
            case AND -> ListFormatter.getInstance(locale).format(written);
            case COMMA -> String.join(", ", written);
            case PLUS -> String.join(" + ", written);
            case DOT -> String.join(" · ", written);
            case SENTENCES -> written.stream().map(Phrases::capital).collect(Collectors.joining(" "));
        };
    }
}
