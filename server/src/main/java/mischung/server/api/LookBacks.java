package mischung.server.api;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import mischung.Phrases;
import mischung.aftercare.Upkeep;
import mischung.hair.Band;
import mischung.hair.LevelScale;
import mischung.hair.Porosity;
import mischung.hair.Zone;
import mischung.job.BandForecast;
import mischung.job.Event;
import mischung.job.Job;
import mischung.job.Log;
import mischung.job.LookBack;
import mischung.mix.Card;
import mischung.mix.Cards;
import mischung.mix.Line;
import mischung.plan.Action;
import mischung.plan.Plan;
import mischung.product.Mix;
import mischung.route.Rates;
import mischung.said.Figure;
import mischung.said.Said;
import mischung.sequence.Task;
import mischung.server.store.MixStore;
import mischung.server.store.PastStore;
import mischung.server.store.PhotoStore;
import mischung.server.words.Catalogue;
import mischung.server.words.Language;
import mischung.server.words.PageMessage;
import mischung.shelf.Shelf;
import mischung.uncertainty.Calibration;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Puts together what a job was said to become, what it became, and what is kept of it. */
@Component
class LookBacks {
    /** Neighbours this near look like one; two colourists would argue about no less. */
    static final double EVEN = 5;

    private final Jobs jobs;
    private final Bowls bowls;
    private final Shelves shelves;
    private final Routes routes;
    private final PhotoStore photos;
    private final PastStore past;

    LookBacks(Jobs jobs, Bowls bowls, Shelves shelves, Routes routes, PhotoStore photos, PastStore past) {
        this.jobs = jobs;
        this.bowls = bowls;
        this.shelves = shelves;
        this.routes = routes;
        this.photos = photos;
        this.past = past;
    }

    LookBackView view(Cases.Stored of) {
        Jobs.Worked worked = jobs.worked(of);
        Job job = worked.job();
        LookBack back = LookBack.of(job);
        List<Card> cards = cards(of, worked);
        Map<String, Bowls.Begun> begun = bowls.of(of.id());
        Calibration after = LookBack.learned(worked.plan(), job, worked.known());
        return new LookBackView(
                of.checked().clientName(),
                of.file().date(),
                job.begun().isPresent(),
                job.ended().isPresent(),
                Catalogue.spoken().sentence(says(job, back)),
                bands(job, back),
                used(cards, begun),
                times(job),
                price(worked, cards, begun),
                judged(job).map(j -> new LookBackView.JudgedView(j.worked(), j.alsoWorked(), j.change())).stream()
                        .toList(),
                StrandTestController.changes(worked.atFirst(), after),
                log(of, worked, begun));
    }

    List<Card> cards(Cases.Stored of, Jobs.Worked worked) {
        Shelf shelf = shelves.inUse();
        return worked.job().begun().isEmpty()
                ? List.of()
                : Cards.of(
                        worked.plan(),
                        Jobs.sequence(worked.job()),
                        shelf,
                        routes.learned(of).factor());
    }

    private static Said says(Job job, LookBack back) {
        if (job.begun().isEmpty()) {
            return PageMessage.NOT_BEGUN.alone();
        }
        if (back.bands().isEmpty()) {
            return PageMessage.READ_THE_BANDS.alone();
        }
        return PageMessage.LOOKED_BACK
                .say()
                .count("bands", back.bands().size())
                .count("inside", (double) back.inside())
                .count("prediction", back.meanFromPrediction())
                .count("wish", back.meanFromWish())
                .count("levels", back.error())
                .said();
    }

    private static List<LookBackView.BandBack> bands(Job job, LookBack back) {
        List<LookBackView.BandBack> all = new ArrayList<>();
        for (BandForecast one : job.foretold()) {
            Optional<LookBack.Compared> real = back.bands().stream()
                    .filter(band -> band.foretold().equals(one))
                    .findFirst();
            BandForecast first = job.foretoldAtFirst().stream()
                    .filter(other -> other.zone() == one.zone() && other.band() == one.band())
                    .findFirst()
                    .orElse(one);
            all.add(new LookBackView.BandBack(
                    one.zone(),
                    Catalogue.spoken().word(one.zone()),
                    one.band(),
                    one.fromCm(),
                    one.toCm(),
                    one.kept(),
                    LookBackView.ShownView.of(one.before()),
                    LookBackView.ShownView.of(one.wished()),
                    LookBackView.ShownView.of(first.end()),
                    LookBackView.ShownView.of(one.end()),
                    LookBackView.range(one),
                    real.map(LookBacks::real).stream().toList()));
        }
        return all;
    }

    private static LookBackView.RealView real(LookBack.Compared of) {
        return new LookBackView.RealView(
                LookBackView.ShownView.of(of.real(), of.said()),
                LookView.rounded(of.fromPrediction(), 10),
                LookView.rounded(of.fromWish(), 10),
                LookView.rounded(of.levels(), 10),
                of.inside(),
                of.felt().map(Catalogue.spoken()::word).orElse(""));
    }

    private static List<LookBackView.UsedView> used(List<Card> cards, Map<String, Bowls.Begun> begun) {
        List<LookBackView.UsedView> all = new ArrayList<>();
        for (Card card : cards) {
            Bowls.Begun bowl = begun.get(card.key());
            all.add(used(card.bowl(), card.title(), (bowl == null ? card : bowl.card()).grams(), bowl));
        }
        begun.forEach((key, bowl) -> {
            if (cards.stream().noneMatch(card -> card.key().equals(key))) {
                all.add(used(bowl.card().bowl(), bowl.card().title(), 0, bowl));
            }
        });
        return all;
    }

    private static LookBackView.UsedView used(String bowl, Figure title, double planned, Bowls.@Nullable Begun begun) {
        return new LookBackView.UsedView(
                bowl,
                Phrases.capital(Catalogue.spoken().say(title)),
                LookView.rounded(planned, 10),
                begun == null ? 0 : LookView.rounded(poured(begun), 10),
                begun == null || begun.leftGrams().isEmpty()
                        ? List.of()
                        : List.of(begun.leftGrams().getAsDouble()));
    }

    private static double poured(Bowls.Begun begun) {
        return begun.poured().stream().mapToDouble(grams -> grams).sum();
    }

    private static List<LookBackView.TimeView> times(Job job) {
        Map<Task.Kind, int[]> sums = new EnumMap<>(Task.Kind.class);
        for (Job.Standing one : job.standing()) {
            int[] sum = sums.computeIfAbsent(one.task().kind(), kind -> new int[2]);
            sum[0] += one.task().minutes();
            sum[1] += real(one);
        }
        return sums.entrySet().stream()
                .map(e -> new LookBackView.TimeView(
                        Phrases.capital(e.getKey().name().toLowerCase(Locale.ROOT)), e.getValue()[0], e.getValue()[1]))
                .toList();
    }

    /** What was done without its beginning having been told took as long as was planned, as far as anybody knows. */
    static int real(Job.Standing one) {
        if (one.finished().isEmpty()) {
            return 0;
        }
        long minutes = Duration.between(
                        one.started().orElse(one.finished().get()),
                        one.finished().get())
                .toMinutes();
        return minutes > 0 ? (int) minutes : one.task().minutes();
    }

    private LookBackView.PriceView price(Jobs.Worked worked, List<Card> cards, Map<String, Bowls.Begun> begun) {
        Rates rates = routes.rates();
        Job job = worked.job();
        double planned = 0;
        double real = 0;
        for (Card card : cards) {
            double gram = gram(rates, worked.plan(), card);
            planned += gram * card.grams();
        }
        for (Bowls.Begun bowl : begun.values()) {
            real += gram(rates, worked.plan(), bowl.card()) * poured(bowl);
        }
        int plannedMinutes = 0;
        int realMinutes = 0;
        for (Job.Standing one : job.standing()) {
            if (one.task().kind() != Task.Kind.BREAK) {
                plannedMinutes += one.task().minutes();
                realMinutes += real(one);
            }
        }
        return new LookBackView.PriceView(
                LookView.rounded(planned + rates.anHour() * plannedMinutes / 60, 10),
                LookView.rounded(real + rates.anHour() * realMinutes / 60, 10),
                rates.currency(),
                plannedMinutes,
                realMinutes);
    }

    private static double gram(Rates rates, Plan plan, Card card) {
        if (card.bowl().isEmpty()) {
            return rates.treatmentGram();
        }
        boolean lifts = plan.steps().stream()
                .flatMap(step -> step.lifts().stream())
                .anyMatch(lift -> lift.name().equals(card.bowl()));
        return lifts ? rates.lightenerGram() : rates.colourGram();
    }

    static Optional<Event.Judged> judged(Job job) {
        return job.counting().stream()
                .filter(entry -> entry.event() instanceof Event.Judged)
                .map(entry -> (Event.Judged) entry.event())
                .reduce((first, later) -> later);
    }

    /** The job's entries, the weights, the photographs and what was taken on, in the order of time. */
    private List<LookBackView.LogLine> log(Cases.Stored of, Jobs.Worked worked, Map<String, Bowls.Begun> begun) {
        List<LookBackView.LogLine> all = new ArrayList<>();
        worked.entries().forEach(entry -> all.add(line(entry.at(), entry.hand(), Log.of(entry.event(), worked.job()))));
        for (Bowls.Begun bowl : begun.values()) {
            for (MixStore.Weighing one : bowl.weighings()) {
                List<Line> lines = bowl.card().lines();
                Figure what = one.line() < lines.size() ? lines.get(one.line()).name() : new Figure.Typed("?");
                all.add(line(
                        one.at(),
                        one.hand(),
                        PageMessage.WEIGHED
                                .say()
                                .in("back", one.grams() < 0)
                                .count("grams", Math.abs(one.grams()))
                                .with("product", what)
                                .with(
                                        "bowl",
                                        bowl.card().bowl().isEmpty()
                                                ? bowl.card().title()
                                                : new Figure.Typed(bowl.card().bowl()))
                                .said()));
            }
        }
        photos.of(of.id())
                .forEach(photo -> all.add(line(
                        photo.takenInAt(),
                        "",
                        PageMessage.PHOTOGRAPH
                                .say()
                                .typed("words", photo.words())
                                .said())));
        of.checked()
                .takenOn()
                .forEach(one -> all.add(line(
                        one.at(),
                        one.by(),
                        PageMessage.TAKEN_ON.say().typed("reason", one.reason()).said())));
        all.sort(Comparator.comparing(LookBackView.LogLine::at));
        return all;
    }

    private static LookBackView.LogLine line(Instant at, String hand, Said said) {
        return new LookBackView.LogLine(
                at, JobView.clock(at), hand, Catalogue.spoken().sentence(said));
    }

    /** What follows from a job is kept so that it is found: when to come again, and by what it is looked for. */
    void keep(Cases.Stored of) {
        Jobs.Worked worked = jobs.worked(of);
        Job job = worked.job();
        if (job.ended().isPresent()) {
            past.upkeep(
                    of.id(),
                    Upkeep.of(
                            worked.plan(),
                            of.file().date(),
                            of.checked().history().growth()));
        }
        boolean looked = judged(job).isPresent() || !LookBack.of(job).bands().isEmpty();
        if (job.ended().isPresent() || looked) {
            PastStore.Work work = work(of, worked);
            past.work(of.id(), work, words(of, worked, work));
        }
    }

    private static PastStore.Work work(Cases.Stored of, Jobs.Worked worked) {
        CheckedCase checked = of.checked();
        LookBack back = LookBack.of(worked.job());
        List<Band> bands = checked.head().zones().stream()
                .flatMap((Zone zone) -> zone.strand().bands().stream())
                .toList();
        Optional<Event.Judged> judged = judged(worked.job());
        boolean any = !back.bands().isEmpty();
        return new PastStore.Work(
                bands.stream().mapToDouble(Band::level).min().orElse(0),
                bands.stream().mapToDouble(Band::level).max().orElse(0),
                checked.wish().level(),
                Catalogue.spoken().say(checked.wish().said()),
                Catalogue.spoken().word(worked.plan().strategy().method().filler()),
                bands.stream()
                        .map(Band::porosity)
                        .max(Comparator.comparingDouble(Porosity::degree))
                        .orElse(Porosity.NORMAL)
                        .name(),
                shades(worked.plan()),
                any ? OptionalDouble.of(back.error()) : OptionalDouble.empty(),
                any ? OptionalDouble.of(back.meanFromWish()) : OptionalDouble.empty(),
                any ? OptionalDouble.of(back.uneven()) : OptionalDouble.empty(),
                back.bands().size(),
                judged.map(Event.Judged::worked).orElse(""),
                judged.map(Event.Judged::alsoWorked).orElse(""),
                judged.map(Event.Judged::change).orElse(""));
    }

    private static String shades(Plan plan) {
        return plan.steps().stream()
                .filter(step -> step.visit() == 1)
                .flatMap(step -> step.bowls().stream())
                .flatMap(bowl -> bowl.formula().mix().parts().stream())
                .map((Mix.Part part) -> Catalogue.spoken().say(part.shade().said()))
                .collect(Collectors.toCollection(TreeSet::new))
                .stream()
                .collect(Collectors.joining(", "));
    }

    private static String words(Cases.Stored of, Jobs.Worked worked, PastStore.Work work) {
        // Whoever looks for it may speak another language than whoever did it.
        String steps = Arrays.stream(Language.values())
                .map(Catalogue::of)
                .flatMap(language -> Stream.concat(
                        worked.plan().steps().stream()
                                .filter(step -> step.kind() != Action.WAIT)
                                .map(step -> language.say(step.titled())),
                        of.checked().head().zones().stream().map(zone -> language.word(zone.place()))))
                .collect(Collectors.joining(" "));
        String levels = LevelScale.words(work.canvasFrom()) + " " + LevelScale.words(work.canvasTo());
        String said = worked.job().counting().stream()
                .filter(entry -> entry.event() instanceof Event.Said)
                .map(entry -> ((Event.Said) entry.event()).words())
                .collect(Collectors.joining(" "));
        return String.join(
                " ",
                List.of(
                        of.checked().clientName(),
                        work.wishWords(),
                        work.school(),
                        work.shades(),
                        steps,
                        levels,
                        said,
                        work.worked(),
                        work.alsoWorked(),
                        work.toChange()));
    }
}
