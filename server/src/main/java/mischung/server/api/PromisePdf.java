package mischung.server.api;

import java.awt.Color;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/** The client's page as a PDF, A4, with the font inside it. */
final class PromisePdf {
    /** Ships inside PDFBox; holds Latin, Greek and Cyrillic. */
    private static final String FONT = "/org/apache/pdfbox/resources/ttf/LiberationSans-Regular.ttf";

    private static final float MARGIN = 56;
    private static final float TEXT = 11;
    private static final float HEAD = 13;
    private static final float TITLE = 20;
    private static final float LEADING = 1.4f;
    private static final float PATCH = 26;

    private final PDDocument document = new PDDocument();
    private final PDFont font;
    private PDPageContentStream page;
    private float y;

    private PromisePdf() throws IOException {
        try (InputStream file = PDDocument.class.getResourceAsStream(FONT)) {
            if (file == null) {
                throw new IllegalStateException(FONT + " is missing");
            }
            font = PDType0Font.load(document, file);
        }
        page = fresh();
    }

    static byte[] of(PromiseView promise) {
        try {
            PromisePdf pdf = new PromisePdf();
            pdf.write(promise);
            pdf.page.close();
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            pdf.document.save(bytes);
            pdf.document.close();
            return bytes.toByteArray();
        } catch (IOException impossible) {
            throw new UncheckedIOException("A PDF in memory", impossible);
        }
    }

    private PDPageContentStream fresh() throws IOException {
        PDPage sheet = new PDPage(PDRectangle.A4);
        document.addPage(sheet);
        y = sheet.getMediaBox().getHeight() - MARGIN;
        return new PDPageContentStream(document, sheet);
    }

    private void write(PromiseView p) throws IOException {
        line(p.clientName() + ", " + p.date(), TEXT);
        line("Your colour: " + p.wish(), TITLE);
        head("What will happen");
        int number = 1;
        for (String step : p.happens()) {
            line(number++ + ". " + step, TEXT);
        }
        if (!p.meanwhile().isEmpty()) {
            line(p.meanwhile(), TEXT);
        }
        list("What is likely", p.likely());
        list("What is not promised", p.notPromised());
        head("Time and price");
        line(
                p.hours() + (p.visits() == 1 ? ", one visit" : ", " + p.visits() + " visits") + ". " + p.price() + ".",
                TEXT);
        list("Afterwards", p.upkeep());
        fade(p);
    }

    private void list(String title, List<String> lines) throws IOException {
        if (!lines.isEmpty()) {
            head(title);
            for (String one : lines) {
                line("– " + one, TEXT);
            }
        }
    }

    private void head(String words) throws IOException {
        y -= TEXT * 0.7f;
        line(words, HEAD);
    }

    private void fade(PromiseView p) throws IOException {
        if (p.fade().isEmpty()) {
            return;
        }
        head("How it fades: today and after "
                + String.join(", ", p.weeks().stream().map(String::valueOf).toList()) + " weeks");
        for (PromiseView.FadeView one : p.fade()) {
            if (y < MARGIN + 3 * PATCH) {
                page.close();
                page = fresh();
            }
            line(
                    one.where() + ": "
                            + String.join(
                                    ", ",
                                    one.looks().stream()
                                            .map(l -> l.levelWords() + " " + l.tone())
                                            .toList()),
                    TEXT);
            float x = MARGIN;
            for (LookView look : one.looks()) {
                page.setNonStrokingColor(Color.decode(look.colours().daylight()));
                page.addRect(x, y - PATCH + TEXT, 2 * PATCH, PATCH);
                page.fill();
                x += 2 * PATCH + 4;
            }
            page.setNonStrokingColor(Color.BLACK);
            y -= PATCH + 6;
        }
    }

    private void line(String words, float size) throws IOException {
        float width = PDRectangle.A4.getWidth() - 2 * MARGIN;
        for (String row : wrapped(shown(words), size, width)) {
            if (y < MARGIN) {
                page.close();
                page = fresh();
            }
            page.beginText();
            page.setFont(font, size);
            page.newLineAtOffset(MARGIN, y - size);
            page.showText(row);
            page.endText();
            y -= size * LEADING;
        }
    }

    private List<String> wrapped(String words, float size, float width) throws IOException {
        List<String> rows = new ArrayList<>();
        StringBuilder row = new StringBuilder();
        for (String word : words.split(" ", -1)) {
            String longer = row.isEmpty() ? word : row + " " + word;
            if (!row.isEmpty() && font.getStringWidth(longer) / 1000 * size > width) {
                rows.add(row.toString());
                row = new StringBuilder(word);
            } else {
                row = new StringBuilder(longer);
            }
        }
        rows.add(row.toString());
        return rows;
    }

    /** Characters the font does not hold become a question mark; a name must never keep the page from being made. */
    private String shown(String words) {
        StringBuilder all = new StringBuilder();
        words.codePoints().forEach(c -> {
            String one = Character.toString(c);
            try {
                font.encode(one);
                all.append(one);
            } catch (IOException | IllegalArgumentException missing) {
                all.append('?');
            }
        });
        return all.toString();
    }
}
