package mischung.server.words;

import com.ibm.icu.text.MessageFormat;
import java.time.format.DateTimeFormatter;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.ResourceBundle;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.ConcurrentHashMap;
import mischung.said.Figure;
import mischung.said.Said;

/** The words of the program in one language: bundles of ICU messages under {@code mischung/words}. */
public final class Catalogue {
    public static final Catalogue ENGLISH = new Catalogue(Locale.UK);

    private static final String BUNDLE = "mischung.words.cautions";

    private final Locale locale;
    private final ResourceBundle bundle;
    private final DateTimeFormatter days;
    private final Map<String, MessageFormat> formats = new ConcurrentHashMap<>();

    private Catalogue(Locale locale) {
        this.locale = locale;
        this.bundle = ResourceBundle.getBundle(
                BUNDLE, locale, ResourceBundle.Control.getNoFallbackControl(ResourceBundle.Control.FORMAT_PROPERTIES));
        this.days = DateTimeFormatter.ofPattern("d MMMM uuuu", locale);
    }

    /** Every key there is a text for. */
    public Set<String> keys() {
        return new TreeSet<>(bundle.keySet());
    }

    /** Names of the figures that stand in a message's text. */
    public Set<String> figuresOf(String key) {
        return new TreeSet<>(format(key).getArgumentNames());
    }

    /** A text without figures: the word for something. */
    public String word(String key) {
        return bundle.getString(key);
    }

    /** @throws java.util.MissingResourceException if this language has no such message */
    public String say(Said said) {
        Map<String, Object> written = new HashMap<>();
        said.figures().forEach((name, figure) -> written.put(name, written(figure)));
        // Formats hold state while they work.
        synchronized (this) {
            return format(said.message().key()).format(written);
        }
    }

    private MessageFormat format(String key) {
        return formats.computeIfAbsent(key, of -> new MessageFormat(bundle.getString(of), locale));
    }

    private Object written(Figure figure) {
        if (figure instanceof Figure.Count count) {
            return count.value();
        }
        if (figure instanceof Figure.Day day) {
            return days.format(day.day());
        }
        return figure instanceof Figure.Named named ? word(named.text()) : figure.text();
    }
}
