package mischung.server.api;

import java.io.IOException;
import mischung.server.words.Catalogue;
import mischung.server.words.SheetMessage;

/** The client's page as a PDF. */
final class PromisePdf {
    private PromisePdf() {}

    static byte[] of(PromiseView promise) {
        return Sheet.written(sheet -> write(promise, sheet));
    }

    private static void write(PromiseView p, Sheet sheet) throws IOException {
        Catalogue spoken = Catalogue.spoken();
        sheet.text(p.clientName() + ", " + p.date());
        sheet.title(spoken.say(
                SheetMessage.YOUR_COLOUR.say().typed("wish", p.wish()).said()));
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
            sheet.patches(
                    one.where() + ": "
                            + String.join(
                                    ", ",
                                    one.looks().stream()
                                            .map(l -> l.levelWords() + " " + l.tone())
                                            .toList()),
                    one.looks().stream().map(look -> look.colours().daylight()).toList());
        }
    }
}
