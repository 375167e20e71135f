package mischung.server.api;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import mischung.hair.LevelScale;
import mischung.hair.Porosity;
import mischung.said.Saying;
import mischung.server.store.PastStore;
import mischung.server.words.Catalogue;
import mischung.server.words.PageMessage;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Search in all past work, in the words a colourist would ask with. */
@RestController
@RequestMapping(path = "/api/past", produces = MediaType.APPLICATION_JSON_VALUE)
class PastController {
    private static final int MOST = 50;
    private static final int LONGEST = 200;

    private static final Pattern FROM_TO =
            Pattern.compile("\\b(\\d{1,2}(?:[.,]5)?½?)\\s*(?:to|auf|→|->)\\s*(\\d{1,2}(?:[.,]5)?½?)");
    private static final Pattern TO = Pattern.compile("\\b(?:to|auf)\\s+(\\d{1,2}(?:[.,]5)?½?)");
    private static final Pattern UNEVEN =
            Pattern.compile("\\b(uneven|patchy|not even|banded|ungleichmäßig|fleckig|streifig)\\b");
    private static final Pattern EVEN = Pattern.compile("\\b(stayed even|even|gleichmäßig)\\b");
    private static final Pattern VERY_POROUS = Pattern.compile("\\b(very porous|sehr porös\\w*)");
    private static final Pattern POROUS = Pattern.compile("\\b(porous|porosity|porös\\w*|porosität)");
    private static final List<String> SMALL = List.of(
            "on", "that", "the", "a", "an", "and", "of", "with", "hair", "ends", "stayed", "which", "in", "for", "was",
            "die", "der", "das", "den", "ein", "eine", "und", "mit", "von", "haar", "spitzen", "blieb", "blieben", "im",
            "am", "für", "war");

    private final PastStore store;

    PastController(PastStore store) {
        this.store = store;
    }

    /** One visit. */
    record PastView(
            long visitId,
            long clientId,
            String clientName,
            LocalDate date,
            @Schema(example = "5–9½") String canvas,
            String wish,
            String school,
            String porosity,
            String shades,

            @Schema(description = "how it came out, in words; says so where nothing was read")
            String outcome,

            String worked,
            String alsoWorked,
            String toChange) {}

    /** What was found, and how the question was understood. */
    record PastFound(
            @Schema(description = "how each part was understood, such as 'canvas has a level 10'")
            List<String> understood,

            List<PastView> visits) {}

    /** A question taken apart. */
    record Question(PastStore.Asked asked, List<String> understood) {}

    @GetMapping
    @Operation(
            operationId = "searchPast",
            summary = "Past work by canvas, wish, shade, school, outcome; the newest 50",
            description = "Such as: 10 to 6 on porous ends that stayed even")
    PastFound search(@RequestParam(defaultValue = "") String q) {
        Question question = understood(q.length() > LONGEST ? q.substring(0, LONGEST) : q);
        return new PastFound(
                question.understood,
                store.find(question.asked, MOST).stream()
                        .map(PastController::view)
                        .toList());
    }

    static Question understood(String asked) {
        String left = asked.toLowerCase(Locale.ROOT);
        List<String> understood = new ArrayList<>();
        OptionalDouble canvas = OptionalDouble.empty();
        OptionalDouble wish = OptionalDouble.empty();
        Matcher both = FROM_TO.matcher(left);
        Matcher to = TO.matcher(left);
        if (both.find()) {
            canvas = OptionalDouble.of(level(both.group(1)));
            wish = OptionalDouble.of(level(both.group(2)));
            left = both.replaceFirst(" ");
        } else if (to.find()) {
            wish = OptionalDouble.of(level(to.group(1)));
            left = to.replaceFirst(" ");
        }
        canvas.ifPresent(
                level -> understood.add(say(PageMessage.CANVAS_HAS.say().level("level", level))));
        wish.ifPresent(level -> understood.add(say(PageMessage.WISHED_AT.say().level("level", level))));
        Optional<Boolean> even = Optional.empty();
        if (UNEVEN.matcher(left).find()) {
            even = Optional.of(false);
            left = UNEVEN.matcher(left).replaceAll(" ");
            understood.add(say(PageMessage.CAME_OUT_EVENLY.say().in("even", false)));
        } else if (EVEN.matcher(left).find()) {
            even = Optional.of(true);
            left = EVEN.matcher(left).replaceAll(" ");
            understood.add(say(PageMessage.CAME_OUT_EVENLY.say().in("even", true)));
        }
        List<String> porosities = List.of();
        if (VERY_POROUS.matcher(left).find()) {
            porosities = List.of(Porosity.VERY_HIGH.name());
            left = VERY_POROUS.matcher(left).replaceAll(" ");
            understood.add(say(PageMessage.POROSITY_SOMEWHERE.say().in("very", true)));
        } else if (POROUS.matcher(left).find()) {
            porosities = List.of(Porosity.HIGH.name(), Porosity.VERY_HIGH.name());
            left = POROUS.matcher(left).replaceAll(" ");
            understood.add(say(PageMessage.POROSITY_SOMEWHERE.say().in("very", false)));
        }
        List<String> words = Arrays.stream(left.split("[^\\p{L}\\p{N}]+", -1))
                .filter(word -> !word.isEmpty() && !SMALL.contains(word))
                .limit(8)
                .toList();
        words.forEach(word -> understood.add(say(PageMessage.WORDS_HOLD.say().typed("word", word))));
        String match = words.stream().map(word -> "\"" + word + "\"*").collect(Collectors.joining(" "));
        return new Question(
                new PastStore.Asked(canvas, wish, porosities, even, LookBacks.EVEN, match), List.copyOf(understood));
    }

    private static double level(String words) {
        boolean half = words.endsWith("½");
        String whole = (half ? words.substring(0, words.length() - 1) : words).replace(',', '.');
        return Double.parseDouble(whole) + (half ? 0.5 : 0);
    }

    private static PastView view(PastStore.Found found) {
        PastStore.Work work = found.work();
        String from = LevelScale.words(work.canvasFrom());
        String to = LevelScale.words(work.canvasTo());
        return new PastView(
                found.visit(),
                found.client(),
                found.name(),
                found.day(),
                from.equals(to) ? from : from + "–" + to,
                work.wishWords(),
                work.school(),
                Catalogue.spoken().word(Porosity.valueOf(work.porosity())),
                work.shades(),
                outcome(work),
                work.worked(),
                work.alsoWorked(),
                work.toChange());
    }

    private static String outcome(PastStore.Work work) {
        if (work.bandsRead() == 0) {
            return Catalogue.spoken().sentence(PageMessage.NOT_READ.alone());
        }
        return Catalogue.spoken()
                .sentence(PageMessage.CAME_OUT
                        .say()
                        .in("even", work.uneven().orElse(0) <= LookBacks.EVEN)
                        .count("wish", work.distance().orElse(0))
                        .count("levels", work.error().orElse(0))
                        .count("apart", work.uneven().orElse(0))
                        .said());
    }

    private static String say(Saying saying) {
        return Catalogue.spoken().say(saying.said());
    }
}
