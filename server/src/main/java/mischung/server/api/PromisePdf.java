package mischung.server.api;

import java.io.IOException;

/** The client's page as a PDF. */
final class PromisePdf {
    private PromisePdf() {}

    static byte[] of(PromiseView promise) {
        return Sheet.written(sheet -> write(promise, sheet));
    }

    private static void write(PromiseView p, Sheet sheet) throws IOException {
        sheet.text(p.clientName() + ", " + p.date());
        sheet.title("Your colour: " + p.wish());
        sheet.head("What will happen");
        int number = 1;
        for (String step : p.happens()) {
            sheet.text(number++ + ". " + step);
        }
        if (!p.meanwhile().isEmpty()) {
            sheet.text(p.meanwhile());
        }
        sheet.list("What is likely", p.likely());
        sheet.list("What is not promised", p.notPromised());
        sheet.head("Time and price");
        sheet.text(
                p.hours() + (p.visits() == 1 ? ", one visit" : ", " + p.visits() + " visits") + ". " + p.price() + ".");
        sheet.list("Afterwards", p.upkeep());
        if (!p.fade().isEmpty()) {
            sheet.head("How it fades: today and after "
                    + String.join(", ", p.weeks().stream().map(String::valueOf).toList()) + " weeks");
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
