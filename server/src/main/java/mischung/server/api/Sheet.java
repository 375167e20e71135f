package mischung.server.api;

import java.awt.Color;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import mischung.hair.Look;
import mischung.light.Illuminant;
import mischung.plan.Plan;
import mischung.sequence.SectionPlan;
import mischung.sequence.SectionPlan.Foil;
import mischung.server.words.Catalogue;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/** A page of text and colour patches as a PDF, A4, with the font inside it; goes on to another page by itself. */
final class Sheet {
    /** Ships inside PDFBox; holds Latin, Greek and Cyrillic. */
    private static final String FONT = "/org/apache/pdfbox/resources/ttf/LiberationSans-Regular.ttf";

    private static final float MARGIN = 56;
    private static final float TEXT = 11;
    private static final float HEAD = 13;
    private static final float TITLE = 20;
    private static final float LEADING = 1.4f;
    private static final float PATCH = 26;
    private static final float LOCK = 84;
    private static final float GAP = 10;
    private static final float SMALL = 6;

    /** In so many steps one colour becomes the next. */
    private static final int FEATHER_STEPS = 6;

    /** So much of half a page's width is a head. */
    private static final float HEADS = 0.92f;

    private final PDDocument document = new PDDocument();
    private final PDFont font;
    private PDPageContentStream page;
    private float y;

    /** What is written on it. */
    @FunctionalInterface
    interface Writing {
        void on(Sheet sheet) throws IOException;
    }

    private Sheet() throws IOException {
        try (InputStream file = PDDocument.class.getResourceAsStream(FONT)) {
            if (file == null) {
                throw new IllegalStateException(FONT + " is missing");
            }
            font = PDType0Font.load(document, file);
        }
        page = fresh();
    }

    static byte[] written(Writing writing) {
        try {
            Sheet sheet = new Sheet();
            writing.on(sheet);
            sheet.page.close();
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            sheet.document.save(bytes);
            sheet.document.close();
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

    void text(String words) throws IOException {
        line(words, TEXT);
    }

    void title(String words) throws IOException {
        line(words, TITLE);
    }

    void head(String words) throws IOException {
        y -= TEXT * 0.7f;
        line(words, HEAD);
    }

    /** Nothing at all where there are no lines. */
    void list(String title, List<String> lines) throws IOException {
        if (!lines.isEmpty()) {
            head(title);
            for (String one : lines) {
                text("– " + one);
            }
        }
    }

    /** A zone's hair before and after, one beside the other and to the same scale. */
    void strands(String words, List<SheetHair.Stretch> before, List<SheetHair.Stretch> after, double longestCm)
            throws IOException {
        float wide = (PDRectangle.A4.getWidth() - 2 * MARGIN - GAP) / 2;
        float perCm = wide / (float) longestCm;
        room();
        text(words);
        SheetHair.lying(page, before, MARGIN, y - PATCH + TEXT, PATCH, perCm);
        SheetHair.lying(page, after, MARGIN + wide + GAP, y - PATCH + TEXT, PATCH, perCm);
        y -= PATCH + 6;
    }

    private void room() throws IOException {
        if (y < MARGIN + 3 * PATCH) {
            page.close();
            page = fresh();
        }
    }

    /** A line of words with a row of locks of hair beneath it. */
    void locks(String words, List<String> hex) throws IOException {
        room();
        text(words);
        float x = MARGIN;
        for (String colour : hex) {
            SheetHair.lock(page, colour, x, y - PATCH + TEXT, LOCK, PATCH);
            x += LOCK + GAP;
        }
        y -= PATCH + 6;
    }

    /** Our head from four sides, two beside two, every foil numbered where it lies. */
    void heads(Plan plan, SectionPlan sections) throws IOException {
        HeadView[] views = HeadView.values();
        float side = (PDRectangle.A4.getWidth() - 2 * MARGIN) / 2;
        float scale = side / (float) HeadView.SIZE * HEADS;
        for (int i = 0; i < views.length; i += 2) {
            float top = y;
            for (int j = i; j < i + 2; j++) {
                head(views[j], plan, sections, MARGIN + (j - i) * side, top, scale);
            }
            y = top - side * HEADS - LEADING * TEXT;
        }
    }

    private void head(HeadView view, Plan plan, SectionPlan sections, float left, float top, float scale)
            throws IOException {
        write(Catalogue.spoken().word(view), TEXT, left, top - TEXT);
        float x = left + 150 * scale;
        float middle = top - TEXT - 150 * scale;
        ellipse(x, middle, 112 * scale, 130 * scale);
        for (SectionPlan.Ground ground : sections.grounds()) {
            if (view.shows(ground.place())) {
                hair(plan, ground.stretches(), view.of(ground.place()), left, top - TEXT, scale);
            }
        }
        for (Foil foil : sections.foils()) {
            if (view.shows(foil.place())) {
                HeadView.Box box = view.of(foil, sections.foils());
                foil(plan, foil, box, left, top - TEXT, scale);
            }
        }
    }

    /** From the scalp on the left to the ends. */
    private void hair(
            Plan plan, List<SectionPlan.Stretch> stretches, HeadView.Box box, float left, float top, float scale)
            throws IOException {
        double whole = stretches.stream()
                .mapToDouble(stretch -> stretch.toCm() - stretch.fromCm())
                .sum();
        float y0 = top - (float) (box.y() + box.height()) * scale;
        float x0 = left + (float) box.x() * scale;
        float perCm = (float) (box.width() / whole) * scale;
        float high = (float) box.height() * scale;
        for (SectionPlan.Stretch stretch : stretches) {
            float width = (float) (stretch.toCm() - stretch.fromCm()) * perCm;
            filled(PlacementView.wished(plan.head(), stretch), x0, y0, width, high);
            x0 += width;
        }
        x0 = left + (float) box.x() * scale;
        for (int i = 0; i + 1 < stretches.size(); i++) {
            SectionPlan.Stretch above = stretches.get(i);
            x0 += (float) (above.toCm() - above.fromCm()) * perCm;
            float feather = (float) above.featherCm() * perCm;
            Look from = PlacementView.wished(plan.head(), above);
            Look to = PlacementView.wished(plan.head(), stretches.get(i + 1));
            for (int step = 0; feather > 0 && step < FEATHER_STEPS; step++) {
                Look look = from.mixedWith(to, (step + 0.5) / FEATHER_STEPS);
                filled(look, x0 + feather * ((float) step / FEATHER_STEPS - 0.5f), y0, feather / FEATHER_STEPS, high);
            }
        }
        page.setStrokingColor(Color.DARK_GRAY);
        page.setLineWidth(0.4f);
        page.addRect(left + (float) box.x() * scale, y0, (float) box.width() * scale, (float) box.height() * scale);
        page.stroke();
    }

    private void filled(Look look, float x, float at, float wide, float high) throws IOException {
        page.setNonStrokingColor(Color.decode(look.under(Illuminant.D65).hex()));
        page.addRect(x, at, wide, high);
        page.fill();
    }

    private void foil(Plan plan, Foil foil, HeadView.Box box, float left, float top, float scale) throws IOException {
        hair(plan, foil.stretches(), box, left, top, scale);
        float y0 = top - (float) (box.y() + box.height()) * scale;
        float size = Math.min(SMALL, (float) box.height() * scale * 0.9f);
        if (size >= 2.5f) {
            // On white inside its own foil, where no neighbour lies over it.
            String number = String.valueOf(foil.number());
            float at = left + (float) box.x() * scale + 1;
            page.setNonStrokingColor(Color.WHITE);
            page.addRect(at, y0 + 0.5f, font.getStringWidth(number) / 1000 * size + 1, size);
            page.fill();
            page.setNonStrokingColor(Color.BLACK);
            write(number, size, at + 0.5f, y0 + 1);
        }
        page.setNonStrokingColor(Color.BLACK);
    }

    private void ellipse(float x, float middle, float wide, float high) throws IOException {
        float k = 0.5523f;
        page.setStrokingColor(Color.GRAY);
        page.setLineWidth(0.8f);
        page.moveTo(x - wide, middle);
        page.curveTo(x - wide, middle + k * high, x - k * wide, middle + high, x, middle + high);
        page.curveTo(x + k * wide, middle + high, x + wide, middle + k * high, x + wide, middle);
        page.curveTo(x + wide, middle - k * high, x + k * wide, middle - high, x, middle - high);
        page.curveTo(x - k * wide, middle - high, x - wide, middle - k * high, x - wide, middle);
        page.stroke();
    }

    private void write(String words, float size, float x, float at) throws IOException {
        page.beginText();
        page.setFont(font, size);
        page.newLineAtOffset(x, at);
        page.showText(shown(words));
        page.endText();
    }

    private void line(String words, float size) throws IOException {
        float width = PDRectangle.A4.getWidth() - 2 * MARGIN;
        for (String row : wrapped(shown(words), size, width)) {
            if (y < MARGIN) {
                page.close();
                page = fresh();
            }
            write(row, size, MARGIN, y - size);
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
