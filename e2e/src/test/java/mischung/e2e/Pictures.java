package mischung.e2e;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;
import javax.imageio.ImageIO;

/** Photographs made up for tests. */
final class Pictures {
    private Pictures() {}

    /** A grey card on the left half, brown hair on the right. */
    static Path hairBesideACard(Path folder) throws IOException {
        BufferedImage image = new BufferedImage(400, 300, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = image.createGraphics();
        pen.setColor(new Color(118, 118, 118));
        pen.fillRect(0, 0, 200, 300);
        pen.setColor(new Color(120, 84, 48));
        pen.fillRect(200, 0, 200, 300);
        pen.dispose();
        Path file = folder.resolve("back.jpg");
        ImageIO.write(image, "jpeg", file.toFile());
        return file;
    }
}
