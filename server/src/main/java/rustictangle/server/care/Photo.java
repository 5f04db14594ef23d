package rustictangle.server.care;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Iterator;
import java.util.Locale;
import java.util.Set;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageInputStream;
import javax.imageio.stream.MemoryCacheImageOutputStream;
import rustictangle.core.Refused;

/**
 * A photo made small: drawn anew, so that nothing but its points comes along, neither where nor when it was taken.
 */
final class Photo {

    /** The longer side of what is kept, in points. */
    static final int LONGEST = 1024;

    static final int SHORTEST_SENT = 16;
    static final int LONGEST_SENT = 12_000;
    /** Of what is sent. More would fill the memory. */
    private static final long MOST_POINTS = 60_000_000;

    private static final float QUALITY = 0.82f;
    private static final Set<String> FORMATS = Set.of("jpeg", "png");

    private static final String NO_PICTURE = "This is no picture in JPEG or PNG; choose another one.";

    private Photo() {}

    /** @throws Refused when it is no picture that can be taken */
    static byte[] small(byte[] sent) {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(sent))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                throw refused(NO_PICTURE);
            }
            ImageReader reader = readers.next();
            try {
                reader.setInput(in, true, true);
                return jpeg(scaled(read(reader)));
            } finally {
                reader.dispose();
            }
        } catch (IOException | IllegalArgumentException | IndexOutOfBoundsException damaged) {
            throw refused(NO_PICTURE);
        }
    }

    private static Refused refused(String why) {
        return new Refused("photo", why);
    }

    private static BufferedImage read(ImageReader reader) throws IOException {
        if (!FORMATS.contains(reader.getFormatName().toLowerCase(Locale.ROOT))) {
            throw refused(NO_PICTURE);
        }
        int width = reader.getWidth(0);
        int height = reader.getHeight(0);
        boolean fits = Math.min(width, height) >= SHORTEST_SENT
                && Math.max(width, height) <= LONGEST_SENT
                && (long) width * height <= MOST_POINTS;
        if (!fits) {
            throw refused("The picture is " + width + " by " + height + " points; each side must have " + SHORTEST_SENT
                    + " to " + LONGEST_SENT + ", 60 million in all. Take it again, or cut it.");
        }
        ImageReadParam param = reader.getDefaultReadParam();
        int every = Math.max(1, Math.max(width, height) / (2 * LONGEST));
        param.setSourceSubsampling(every, every, 0, 0);
        return reader.read(0, param);
    }

    private static BufferedImage scaled(BufferedImage read) {
        double scale = Math.min(1, (double) LONGEST / Math.max(read.getWidth(), read.getHeight()));
        int width = Math.max(1, (int) Math.round(read.getWidth() * scale));
        int height = Math.max(1, (int) Math.round(read.getHeight() * scale));
        BufferedImage small = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = small.createGraphics();
        pen.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
        pen.drawImage(read, 0, 0, width, height, Color.WHITE, null);
        pen.dispose();
        return small;
    }

    private static byte[] jpeg(BufferedImage image) throws IOException {
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (MemoryCacheImageOutputStream out = new MemoryCacheImageOutputStream(bytes)) {
            writer.setOutput(out);
            ImageWriteParam param = writer.getDefaultWriteParam();
            param.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
            param.setCompressionQuality(QUALITY);
            writer.write(null, new IIOImage(image, null, null), param);
        } finally {
            writer.dispose();
        }
        return bytes.toByteArray();
    }
}
