package mischung.server.api;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.time.Clock;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;
import mischung.aftercare.Upkeep;
import mischung.job.Job;
import mischung.mix.Card;
import mischung.mix.Line;
import mischung.plan.PlanStep;
import mischung.said.Figure;
import mischung.said.Said;
import mischung.said.Saying;
import mischung.sequence.Task;
import mischung.server.words.Catalogue;
import mischung.server.words.SheetMessage;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.springframework.stereotype.Component;

/** A visit in open formats: iCalendar, PDF, CSV. */
@Component
class VisitFiles {
    private final Bowls bowls;
    private final LookBacks backs;
    private final Jobs jobs;
    private final Clock clock;

    VisitFiles(Bowls bowls, LookBacks backs, Jobs jobs, Clock clock) {
        this.bowls = bowls;
        this.backs = backs;
        this.jobs = jobs;
        this.clock = clock;
    }

    /** One event of whole days for each thing to come for, from its first day to its last. */
    String calendar(Cases.Stored of, List<Upkeep.Due> upkeep) {
        Calendar calendar = new Calendar();
        calendar.add(new ProdId("-//Mischung//Upkeep//EN"));
        calendar.add(ImmutableVersion.VERSION_2_0);
        for (Upkeep.Due due : upkeep) {
            // The end of an all-day event is the day after its last (RFC 5545, 3.6.1).
            VEvent event = new VEvent(
                    due.from(),
                    due.to().plusDays(1),
                    Catalogue.spoken().word(due.kind()) + ", " + of.checked().clientName());
            event.add(new Uid("mischung-" + of.id() + "-" + due.kind().name().toLowerCase(Locale.ROOT)));
            event.replace(new DtStamp(clock.instant()));
            event.add(new Description(Catalogue.spoken()
                    .sentences(Stream.concat(Stream.of(due.why()), due.warning().stream())
                            .toList())));
            calendar.add(event);
        }
        return calendar.toString();
    }

    /** For the client. */
    byte[] card(LookBackView back, AfterController.AfterView after, Jobs.Worked worked) {
        return Sheet.written(sheet -> {
            sheet.text(back.clientName() + ", " + back.date());
            sheet.title(say(SheetMessage.YOUR_HAIR));
            colours(sheet, back);
            sheet.head(say(SheetMessage.WHAT_WAS_DONE));
            for (PlanStep step : worked.plan().steps()) {
                if (step.visit() == 1) {
                    sheet.text("– " + Catalogue.spoken().sentence(step.titled()));
                }
            }
            sheet.list(say(SheetMessage.AT_HOME), after.homeCare());
            upkeep(sheet, after);
        });
    }

    /** For the house: everything. */
    byte[] record(LookBackView back, AfterController.AfterView after, Jobs.Worked worked) {
        return Sheet.written(sheet -> {
            sheet.text(back.clientName() + ", " + back.date());
            sheet.title(say(SheetMessage.RECORD));
            sheet.text(back.says());
            colours(sheet, back);
            sheet.head(say(SheetMessage.STEPS_AND_BOWLS));
            for (PlanStep step : worked.plan().steps()) {
                sheet.text(Catalogue.spoken()
                        .sentence(
                                step.visit() > 1
                                        ? SheetMessage.AT_VISIT
                                                .say()
                                                .part("step", step.titled())
                                                .count("visit", step.visit())
                                                .said()
                                        : step.titled()));
            }
            for (LookBackView.UsedView used : back.used()) {
                sheet.text(Catalogue.spoken().sentence(bowl(used)));
            }
            sheet.head(say(SheetMessage.TIME_AND_PRICE));
            LookBackView.PriceView price = back.price();
            sheet.text(Catalogue.spoken()
                    .sentence(SheetMessage.HANDS_AND_PRICE
                            .say()
                            .count("plannedMinutes", price.plannedMinutes())
                            .count("realMinutes", price.realMinutes())
                            .count("planned", price.planned())
                            .count("real", price.real())
                            .typed("currency", price.currency())
                            .said()));
            for (LookBackView.JudgedView judged : back.judged()) {
                sheet.list(
                        say(SheetMessage.TAKEN_ALONG),
                        List.of(
                                judged(SheetMessage.WORKED, judged.worked()),
                                judged(SheetMessage.WORKED, judged.alsoWorked()),
                                judged(SheetMessage.TO_CHANGE, judged.change())));
            }
            sheet.list(say(SheetMessage.AT_HOME), after.homeCare());
            upkeep(sheet, after);
            sheet.head(say(SheetMessage.EVERYTHING));
            for (LookBackView.LogLine line : back.log()) {
                sheet.text(line.clock() + "  " + (line.hand().isEmpty() ? "" : line.hand() + ": ") + line.words());
            }
        });
    }

    private static void colours(Sheet sheet, LookBackView back) throws IOException {
        if (!back.bands().isEmpty()) {
            sheet.head(say(SheetMessage.BEFORE_PREDICTED_REAL));
        }
        for (LookBackView.BandBack band : back.bands()) {
            List<String> words = new ArrayList<>(
                    List.of(band.before().words(), band.predicted().words()));
            List<String> hex = new ArrayList<>(
                    List.of(band.before().hex(), band.predicted().hex()));
            for (LookBackView.RealView real : band.real()) {
                words.add(real.shown().words());
                hex.add(real.shown().hex());
            }
            sheet.locks(
                    Catalogue.spoken()
                            .say(SheetMessage.BAND
                                    .say()
                                    .typed("zone", band.zoneWords())
                                    .count("from", band.fromCm())
                                    .count("to", band.toCm())
                                    .typed("looks", String.join(", ", words))
                                    .said()),
                    hex);
        }
    }

    private static void upkeep(Sheet sheet, AfterController.AfterView after) throws IOException {
        sheet.list(
                say(SheetMessage.COME_AGAIN),
                after.upkeep().stream()
                        .map(due -> Catalogue.spoken()
                                .sentence(SheetMessage.DUE
                                        .say()
                                        .typed("kind", due.words())
                                        .with("from", new Figure.Day(due.from()))
                                        .with("to", new Figure.Day(due.to()))
                                        .typed("why", due.why() + (due.warning().isEmpty() ? "" : " " + due.warning()))
                                        .said()))
                        .toList());
    }

    private static Said bowl(LookBackView.UsedView used) {
        Saying bowl = (used.leftGrams().isEmpty() ? SheetMessage.BOWL : SheetMessage.BOWL_LEFT)
                .say()
                .typed("bowl", used.bowl())
                .typed("title", used.title())
                .count("planned", used.plannedGrams())
                .count("poured", used.pouredGrams());
        used.leftGrams().forEach(left -> bowl.count("left", left));
        return bowl.said();
    }

    private static String judged(SheetMessage message, String words) {
        return Catalogue.spoken().say(message.say().typed("words", words).said());
    }

    private static String say(SheetMessage message) {
        return Catalogue.spoken().say(message);
    }

    /** As begun where it was begun, as planned otherwise. */
    String formulas(Cases.Stored of) {
        Map<String, Bowls.Begun> begun = bowls.of(of.id());
        Map<String, Card> all = new LinkedHashMap<>();
        backs.cards(of, jobs.worked(of)).forEach(card -> all.put(card.key(), card));
        begun.forEach((key, bowl) -> all.put(key, bowl.card()));
        return csv(
                List.of(
                        "bowl",
                        "batch",
                        "title",
                        "ratio",
                        "developer_vol",
                        "line",
                        "product",
                        "code",
                        "planned_g",
                        "poured_g",
                        "left_g"),
                csv -> {
                    for (Card card : all.values()) {
                        Bowls.Begun bowl = begun.get(card.key());
                        for (int i = 0; i < card.lines().size(); i++) {
                            Line line = card.lines().get(i);
                            Csv.print(
                                    csv,
                                    card.bowl(),
                                    card.number(),
                                    Catalogue.spoken().say(card.title()),
                                    Catalogue.spoken().say(card.ratio()),
                                    card.volume(),
                                    i + 1,
                                    Catalogue.spoken().say(line.name()),
                                    line.code(),
                                    line.grams(),
                                    bowl == null ? "" : bowl.poured().get(i),
                                    bowl == null || bowl.leftGrams().isEmpty()
                                            ? ""
                                            : bowl.leftGrams().getAsDouble());
                        }
                    }
                });
    }

    String timings(Job job) {
        return csv(
                List.of(
                        "task",
                        "kind",
                        "zones",
                        "person",
                        "planned_start_min",
                        "planned_min",
                        "state",
                        "started",
                        "finished",
                        "real_min"),
                csv -> {
                    for (Job.Standing one : job.standing()) {
                        Task task = one.task();
                        Csv.print(
                                csv,
                                Catalogue.spoken().sentence(task.title()),
                                task.kind(),
                                String.join(
                                        "; ",
                                        task.zones().stream()
                                                .map(Catalogue.spoken()::word)
                                                .toList()),
                                task.person(),
                                task.startMinute(),
                                task.minutes(),
                                one.state(),
                                one.started().map(Object::toString).orElse(""),
                                one.finished().map(Object::toString).orElse(""),
                                one.finished().isPresent() ? LookBacks.real(one) : "");
                    }
                });
    }

    /** What is printed into it. */
    @FunctionalInterface
    private interface Rows {
        void into(CSVPrinter csv) throws IOException;
    }

    private static String csv(List<String> header, Rows rows) {
        StringWriter text = new StringWriter();
        try (CSVPrinter csv = CSVFormat.RFC4180
                .builder()
                .setHeader(header.toArray(new String[0]))
                .get()
                .print(text)) {
            rows.into(csv);
        } catch (IOException impossible) {
            throw new UncheckedIOException("A table in memory", impossible);
        }
        return text.toString();
    }
}
