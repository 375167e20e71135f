package mischung.server.api;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.function.IntFunction;
import mischung.Phrases;
import mischung.hair.BandRef;
import mischung.light.Illuminant;
import mischung.plan.Outcome;
import mischung.plan.Plan;
import mischung.server.words.Catalogue;
import mischung.server.words.SheetMessage;
import mischung.wish.WorkedBand;

/** The client's page as a PDF. */
final class PromisePdf {
    private PromisePdf() {}

    static byte[] of(PromiseView promise, Plan plan) {
        return Sheet.written(sheet -> write(promise, plan, sheet));
    }

    private static void write(PromiseView p, Plan plan, Sheet sheet) throws IOException {
        Catalogue spoken = Catalogue.spoken();
        sheet.text(p.clientName() + ", " + spoken.day(p.date()));
        sheet.title(spoken.say(
                SheetMessage.YOUR_COLOUR.say().typed("wish", p.wish()).said()));
        strands(plan, sheet);
        sheet.head(spoken.say(SheetMessage.WHAT_WILL_HAPPEN));
        int number = 1;
        for (String step : p.happens()) {
            sheet.text(number++ + ". " + step);
        }
        if (!p.meanwhile().isEmpty()) {
            sheet.text(p.meanwhile());
        }
        sheet.list(spoken.say(SheetMessage.LIKELY), p.likely());
        sheet.list(spoken.say(SheetMessage.NOT_PROMISED), p.notPromised());
        sheet.head(spoken.say(SheetMessage.TIME_AND_PRICE));
        sheet.text(spoken.say(SheetMessage.HOURS
                .say()
                .typed("hours", p.hours())
                .count("visits", p.visits())
                .typed("price", p.price())
                .said()));
        sheet.list(spoken.say(SheetMessage.AFTERWARDS), p.upkeep());
        if (!p.fade().isEmpty()) {
            sheet.head(spoken.say(SheetMessage.HOW_IT_FADES
                    .say()
                    .typed(
                            "weeks",
                            String.join(
                                    ", ",
                                    p.weeks().stream().map(String::valueOf).toList()))
                    .said()));
        }
        for (PromiseView.FadeView one : p.fade()) {
            sheet.locks(
                    one.where() + ": "
                            + String.join(
                                    ", ",
                                    one.looks().stream()
                                            .map(l -> l.levelWords() + " " + l.tone())
                                            .toList()),
                    one.looks().stream().map(look -> look.colours().daylight()).toList());
        }
    }

    private static void strands(Plan plan, Sheet sheet) throws IOException {
        Catalogue spoken = Catalogue.spoken();
        sheet.head(spoken.say(SheetMessage.NOW_AND_AFTERWARDS));
        List<List<WorkedBand>> zones = plan.head().zones();
        double longest = zones.stream()
                .flatMap(List::stream)
                .mapToDouble(band -> band.band().toCm())
                .max()
                .orElse(1);
        for (int z = 0; z < zones.size(); z++) {
            int zone = z;
            sheet.strands(
                    Phrases.capital(
                            spoken.word(plan.head().read().zones().get(zone).place())),
                    strand(zones.get(zone), b -> plan.now().get(zone).get(b)),
                    strand(zones.get(zone), b -> plan.end(new BandRef(zone, b))),
                    longest);
        }
    }

    private static List<SheetHair.Stretch> strand(List<WorkedBand> zone, IntFunction<Outcome> outcome) {
        List<SheetHair.Stretch> strand = new ArrayList<>();
        for (double from : zone.stream()
                .mapToDouble(band -> band.band().fromCm())
                .distinct()
                .toArray()) {
            List<SheetHair.Piece> pieces = new ArrayList<>();
            double to = from;
            for (int b = 0; b < zone.size(); b++) {
                WorkedBand band = zone.get(b);
                if (band.band().fromCm() == from) {
                    to = band.band().toCm();
                    Outcome now = outcome.apply(b);
                    if (!now.cut()) {
                        pieces.add(new SheetHair.Piece(
                                band.share(), now.look().under(Illuminant.D65).hex()));
                    }
                }
            }
            strand.add(new SheetHair.Stretch(from, to, pieces));
        }
        return strand;
    }
}
