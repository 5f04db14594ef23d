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
public final class Photo {

    /** The longer side of what is kept, in points. */
    static final int LONGEST = 1024;

    static final int SHORTEST_SENT = 16;
    static final int LONGEST_SENT = 12_000;
    /** Of what is sent. More would fill the memory. */
    private static final long MOST_POINTS = 60_000_000;

    /** Of the JPEG, in (0, 1]. */
    static final double QUALITY = 0.82;

    private static final Set<String> FORMATS = Set.of("jpeg", "png");

    private static final int START_OF_SCAN = 0xDA;
    private static final int END_OF_IMAGE = 0xD9;
    /** JPEG's segments (ISO/IEC 10918-1, annex B; from memory): JFIF's own, tables, the frame, restarts, the scan. */
    private static final Set<Integer> NEEDED = Set.of(0xE0, 0xDB, 0xC0, 0xC2, 0xC4, 0xDD, START_OF_SCAN);

    private static final String NO_PICTURE = "This is no picture in JPEG or PNG; choose another one.";

    private Photo() {}

    /** One at a time: drawing a large one fills much of the memory for a moment. */
    private static final Object DRAWING = new Object();

    /** @throws Refused when it is no picture that can be taken */
    public static byte[] small(byte[] sent) {
        synchronized (DRAWING) {
            return drawn(sent);
        }
    }

    private static byte[] drawn(byte[] sent) {
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

    /**
     * A photo that comes from elsewhere, as it would be kept here: as it is where it is one of ours, else drawn anew.
     *
     * @throws Refused when it is no picture that can be taken
     */
    public static byte[] asKept(byte[] sent) {
        byte[] drawn = small(sent);
        return onlyPoints(sent) && size(sent).equals(size(drawn)) ? sent : drawn;
    }

    private record Size(int width, int height) {}

    private static Size size(byte[] jpeg) {
        try {
            BufferedImage image = ImageIO.read(new ByteArrayInputStream(jpeg));
            return new Size(image.getWidth(), image.getHeight());
        } catch (IOException damaged) {
            throw refused(NO_PICTURE);
        }
    }

    /** Whether it is a JPEG with nothing in it but what is needed to draw it: no notes, no place, nothing after its end. */
    private static boolean onlyPoints(byte[] jpeg) {
        int at = 2;
        while (at + 4 <= jpeg.length && (jpeg[at] & 0xFF) == 0xFF) {
            int marker = jpeg[at + 1] & 0xFF;
            if (!NEEDED.contains(marker)) {
                return false;
            }
            at += 2 + ((jpeg[at + 2] & 0xFF) << 8 | jpeg[at + 3] & 0xFF);
            if (marker == START_OF_SCAN) {
                return endOfImage(jpeg, at) == jpeg.length;
            }
        }
        return false;
    }

    /** Behind the first end marker: within the points none can stand. */
    private static int endOfImage(byte[] jpeg, int from) {
        for (int at = from; at + 1 < jpeg.length; at++) {
            if ((jpeg[at] & 0xFF) == 0xFF && (jpeg[at + 1] & 0xFF) == END_OF_IMAGE) {
                return at + 2;
            }
        }
        return -1;
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
            param.setCompressionQuality((float) QUALITY);
            writer.write(null, new IIOImage(image, null, null), param);
        } finally {
            writer.dispose();
        }
        return bytes.toByteArray();
    }
}
