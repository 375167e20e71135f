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
import mischung.after.Upkeep;
import mischung.job.Job;
import mischung.mix.Card;
import mischung.mix.Line;
import mischung.plan.PlanStep;
import mischung.sequence.Task;
import mischung.server.words.Catalogue;
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
            sheet.title("Your hair");
            colours(sheet, back);
            sheet.head("What was done");
            for (PlanStep step : worked.plan().steps()) {
                if (step.visit() == 1) {
                    sheet.text("– " + step.title());
                }
            }
            sheet.list("At home", after.homeCare());
            upkeep(sheet, after);
        });
    }

    /** For the house: everything. */
    byte[] record(LookBackView back, AfterController.AfterView after, Jobs.Worked worked) {
        return Sheet.written(sheet -> {
            sheet.text(back.clientName() + ", " + back.date());
            sheet.title("Record of the visit");
            sheet.text(back.says());
            colours(sheet, back);
            sheet.head("Steps and bowls");
            for (PlanStep step : worked.plan().steps()) {
                sheet.text(step.title() + (step.visit() > 1 ? " (visit " + step.visit() + ")" : ""));
            }
            for (LookBackView.UsedView used : back.used()) {
                sheet.text(String.format(
                        Locale.ROOT,
                        "Bowl %s, %s: planned %.1f g, poured %.1f g%s",
                        used.bowl(),
                        used.title(),
                        used.plannedGrams(),
                        used.pouredGrams(),
                        used.leftGrams().isEmpty()
                                ? ""
                                : String.format(
                                        Locale.ROOT,
                                        ", left %.1f g",
                                        used.leftGrams().get(0))));
            }
            sheet.head("Time and price");
            LookBackView.PriceView price = back.price();
            sheet.text(String.format(
                    Locale.ROOT,
                    "Hands: planned %d min, real %d min. Price: planned %.2f, real %.2f %s.",
                    price.plannedMinutes(),
                    price.realMinutes(),
                    price.planned(),
                    price.real(),
                    price.currency()));
            for (LookBackView.JudgedView judged : back.judged()) {
                sheet.list(
                        "Taken along",
                        List.of(
                                "Worked: " + judged.worked(),
                                "Worked: " + judged.alsoWorked(),
                                "To change: " + judged.change()));
            }
            sheet.list("At home", after.homeCare());
            upkeep(sheet, after);
            sheet.head("Everything that happened");
            for (LookBackView.LogLine line : back.log()) {
                sheet.text(line.clock() + "  " + (line.hand().isEmpty() ? "" : line.hand() + ": ") + line.words());
            }
        });
    }

    private static void colours(Sheet sheet, LookBackView back) throws IOException {
        if (!back.bands().isEmpty()) {
            sheet.head("Before, predicted, as it came out");
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
            sheet.patches(
                    String.format(
                            Locale.ROOT,
                            "%s, %.0f to %.0f cm: %s",
                            band.zoneWords(),
                            band.fromCm(),
                            band.toCm(),
                            String.join(", ", words)),
                    hex);
        }
    }

    private static void upkeep(Sheet sheet, AfterController.AfterView after) throws IOException {
        sheet.list(
                "Come again",
                after.upkeep().stream()
                        .map(due -> due.words() + ": " + due.from() + " to " + due.to() + ". " + due.why()
                                + (due.warning().isEmpty() ? "" : " " + due.warning()))
                        .toList());
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
                                    card.title(),
                                    card.ratio(),
                                    card.volume(),
                                    i + 1,
                                    line.name(),
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
                                task.title(),
                                task.kind(),
                                String.join(
                                        "; ",
                                        task.zones().stream()
                                                .map(zone -> zone.words())
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
