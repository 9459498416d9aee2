package joropo.app.register;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import java.util.Set;
import javax.imageio.ImageIO;
import net.coobird.thumbnailator.Thumbnails;
import org.apache.commons.imaging.Imaging;
import org.apache.commons.imaging.formats.jpeg.JpegImageMetadata;
import org.apache.commons.imaging.formats.jpeg.exif.ExifRewriter;
import org.apache.commons.imaging.formats.jpeg.xmp.JpegXmpRewriter;
import org.apache.commons.imaging.formats.tiff.TiffField;
import org.apache.commons.imaging.formats.tiff.constants.ExifTagConstants;
import org.apache.commons.imaging.formats.tiff.constants.TiffTagConstants;
import org.apache.commons.imaging.formats.tiff.write.TiffOutputSet;

/** Photos as they are kept and as pages show them. */
final class Pictures {
    /** Longest side of what a page shows (pixels). */
    private static final int PAGE_PIXELS = 1280;

    private static final long MOST_PIXELS = 60_000_000;
    private static final int WEBP_SIZED = 30;
    private static final double QUALITY = 0.8;
    private static final int PNG_HEAD = 8;
    private static final int RIFF_HEAD = 12;
    private static final Set<String> PNG_WORDS = Set.of("eXIf", "tEXt", "zTXt", "iTXt");
    private static final Set<String> WEBP_WORDS = Set.of("EXIF", "XMP ");
    /** Bits of a WebP's first chunk that tell of the two. */
    private static final int WEBP_WORD_BITS = 0x0C;

    static {
        // a photo of fifty million pixels does not fit into a small machine as a whole
        System.setProperty("thumbnailator.conserveMemoryWorkaround", "true");
    }

    private Pictures() {}

    /**
     * The same picture without where, with what and by whom it was taken; which way up it is stays, and when.
     *
     * @throws IOException when it is damaged
     */
    static byte[] withoutPlace(String type, byte[] bytes) throws IOException {
        return switch (type) {
            case "image/jpeg" -> jpeg(bytes);
            case "image/png" -> png(bytes);
            case "image/webp" -> webp(bytes);
            default -> bytes;
        };
    }

    private static byte[] jpeg(byte[] bytes) throws IOException {
        var out = new ByteArrayOutputStream();
        new JpegXmpRewriter().removeXmpXml(bytes, out);
        byte[] plain = out.toByteArray();
        if (!(Imaging.getMetadata(plain) instanceof JpegImageMetadata meta) || meta.getExif() == null) {
            return plain;
        }
        var kept = new TiffOutputSet();
        TiffField way = meta.findExifValueWithExactMatch(TiffTagConstants.TIFF_TAG_ORIENTATION);
        TiffField when = meta.findExifValueWithExactMatch(ExifTagConstants.EXIF_TAG_DATE_TIME_ORIGINAL);
        if (way != null) {
            kept.getOrCreateRootDirectory().add(TiffTagConstants.TIFF_TAG_ORIENTATION, (short) way.getIntValue());
        }
        if (when != null) {
            kept.getOrCreateExifDirectory().add(ExifTagConstants.EXIF_TAG_DATE_TIME_ORIGINAL, when.getStringValue());
        }
        var rewritten = new ByteArrayOutputStream();
        if (way == null && when == null) {
            new ExifRewriter().removeExifMetadata(plain, rewritten);
        } else {
            new ExifRewriter().updateExifMetadataLossless(plain, rewritten, kept);
        }
        return rewritten.toByteArray();
    }

    private static byte[] png(byte[] bytes) throws IOException {
        ByteBuffer in = ByteBuffer.wrap(bytes);
        var out = new ByteArrayOutputStream();
        out.write(bytes, 0, PNG_HEAD);
        in.position(PNG_HEAD);
        while (in.remaining() >= 12) {
            int start = in.position();
            long length = Integer.toUnsignedLong(in.getInt()) + 12;
            String kind = new String(bytes, start + 4, 4, StandardCharsets.ISO_8859_1);
            if (length > bytes.length - start) {
                throw new IOException("A part of it is cut off");
            }
            if (!PNG_WORDS.contains(kind)) {
                out.write(bytes, start, (int) length);
            }
            in.position(start + (int) length);
        }
        return out.toByteArray();
    }

    private static byte[] webp(byte[] bytes) throws IOException {
        ByteBuffer in = ByteBuffer.wrap(bytes).order(ByteOrder.LITTLE_ENDIAN);
        ByteBuffer out = ByteBuffer.allocate(bytes.length).order(ByteOrder.LITTLE_ENDIAN);
        out.put(bytes, 0, RIFF_HEAD);
        in.position(RIFF_HEAD);
        while (in.remaining() >= 8) {
            int start = in.position();
            String kind = new String(bytes, start, 4, StandardCharsets.ISO_8859_1);
            long length = Integer.toUnsignedLong(in.getInt(start + 4));
            long whole = 8 + length + length % 2;
            if (whole > in.remaining()) {
                throw new IOException("A part of it is cut off");
            }
            if (!WEBP_WORDS.contains(kind)) {
                out.put(bytes, start, (int) whole);
                if (kind.equals("VP8X")) {
                    int flags = out.position() - (int) whole + 8;
                    out.put(flags, (byte) (out.get(flags) & ~WEBP_WORD_BITS));
                }
            }
            in.position(start + (int) whole);
        }
        out.putInt(4, out.position() - 8);
        byte[] made = new byte[out.position()];
        out.flip().get(made);
        return made;
    }

    /** Whether it has more pixels than a screen or this machine stands. @throws IOException when it is damaged */
    static boolean isTooLarge(String type, byte[] bytes) throws IOException {
        if (!type.startsWith("image/")) {
            return false;
        }
        if (type.equals("image/webp")) {
            return webpPixels(bytes) > MOST_PIXELS;
        }
        var size = Imaging.getImageSize(bytes);
        if (size == null) {
            throw new IOException("It has no size");
        }
        if ((long) size.width * size.height > MOST_PIXELS) {
            return true;
        }
        if (Math.max(size.width, size.height) <= PAGE_PIXELS && ImageIO.read(new ByteArrayInputStream(bytes)) == null) {
            throw new IOException("It cannot be read"); // a larger one is read when it is made smaller
        }
        return false;
    }

    /** Its first chunk tells its size, in one of three ways. */
    private static long webpPixels(byte[] bytes) throws IOException {
        if (bytes.length < WEBP_SIZED) {
            throw new IOException("A part of it is cut off");
        }
        ByteBuffer in = ByteBuffer.wrap(bytes).order(ByteOrder.LITTLE_ENDIAN);
        return switch (new String(bytes, RIFF_HEAD, 4, StandardCharsets.ISO_8859_1)) {
            case "VP8X" -> ((in.getInt(24) & 0xFFFFFFL) + 1) * ((in.getInt(26) >>> 8 & 0xFFFFFFL) + 1);
            case "VP8L" -> ((in.getInt(21) & 0x3FFFL) + 1) * ((in.getInt(21) >>> 14 & 0x3FFFL) + 1);
            case "VP8 " -> (in.getShort(26) & 0x3FFFL) * (in.getShort(28) & 0x3FFFL);
            default -> throw new IOException("It is no WebP");
        };
    }

    /** As a page shows it, upright; empty where it is small enough as it is, or of a kind that is not scaled here. */
    static Optional<byte[]> forPage(String type, byte[] bytes) throws IOException {
        if (!type.equals("image/jpeg") && !type.equals("image/png")) {
            return Optional.empty();
        }
        var size = Imaging.getImageSize(bytes);
        if (size == null || Math.max(size.width, size.height) <= PAGE_PIXELS) {
            return Optional.empty();
        }
        var out = new ByteArrayOutputStream();
        Thumbnails.of(new ByteArrayInputStream(bytes))
                .size(PAGE_PIXELS, PAGE_PIXELS)
                .outputFormat("jpg")
                .outputQuality(QUALITY)
                .toOutputStream(out);
        return Optional.of(out.toByteArray());
    }
}
