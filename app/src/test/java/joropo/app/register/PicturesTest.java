package joropo.app.register;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.zip.CRC32;
import javax.imageio.ImageIO;
import org.apache.commons.imaging.Imaging;
import org.apache.commons.imaging.formats.jpeg.JpegImageMetadata;
import org.apache.commons.imaging.formats.jpeg.exif.ExifRewriter;
import org.apache.commons.imaging.formats.tiff.constants.TiffTagConstants;
import org.apache.commons.imaging.formats.tiff.write.TiffOutputSet;
import org.junit.jupiter.api.Test;

/** A photo tells nobody where it was taken, and stays upright. */
class PicturesTest {
    private static final short TURNED_RIGHT = 6;

    private static byte[] picture(String format, int width, int height) throws IOException {
        var image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        var paint = image.createGraphics();
        paint.setColor(Color.RED);
        paint.fillRect(0, 0, width / 2, height / 2);
        paint.dispose();
        var out = new ByteArrayOutputStream();
        ImageIO.write(image, format, out);
        return out.toByteArray();
    }

    private static byte[] photo(int width, int height) throws IOException {
        var exif = new TiffOutputSet();
        exif.getOrCreateRootDirectory().add(TiffTagConstants.TIFF_TAG_ORIENTATION, TURNED_RIGHT);
        exif.getOrCreateRootDirectory().add(TiffTagConstants.TIFF_TAG_ARTIST, "somebody");
        exif.setGpsInDegrees(-67.5, 9.25);
        var out = new ByteArrayOutputStream();
        new ExifRewriter().updateExifMetadataLossless(picture("jpg", width, height), out, exif);
        return out.toByteArray();
    }

    @Test
    void aPhotoLosesItsPlaceAndKeepsWhichWayUp() throws Exception {
        byte[] came = photo(60, 40);
        assertThat(((JpegImageMetadata) Imaging.getMetadata(came)).getExif().getGpsInfo())
                .isNotNull();
        byte[] kept = Pictures.withoutPlace("image/jpeg", came);
        JpegImageMetadata meta = (JpegImageMetadata) Imaging.getMetadata(kept);
        assertThat(meta.getExif().getGpsInfo()).isNull();
        assertThat(meta.findExifValueWithExactMatch(TiffTagConstants.TIFF_TAG_ORIENTATION)
                        .getIntValue())
                .isEqualTo(TURNED_RIGHT);
        assertThat(new String(kept, StandardCharsets.ISO_8859_1)).doesNotContain("somebody");
        assertThat(ImageIO.read(new ByteArrayInputStream(kept)).getRGB(5, 5))
                .as("lossless")
                .isEqualTo(ImageIO.read(new ByteArrayInputStream(came)).getRGB(5, 5));
        assertThat(Pictures.withoutPlace("image/jpeg", picture("jpg", 9, 9))).isNotEmpty();
        assertThat(Pictures.forPage("image/jpeg", kept)).as("small enough").isEmpty();
    }

    @Test
    void aPageShowsALargePhotoSmallAndUpright() throws Exception {
        byte[] shown = Pictures.forPage("image/jpeg", Pictures.withoutPlace("image/jpeg", photo(4000, 2000)))
                .orElseThrow();
        BufferedImage upright = ImageIO.read(new ByteArrayInputStream(shown));
        assertThat(upright.getHeight()).isEqualTo(1280);
        assertThat(upright.getWidth()).isEqualTo(640);
        assertThat(Pictures.forPage("image/png", picture("png", 1500, 30))).isPresent();
        assertThat(Pictures.forPage("application/pdf", new byte[] {1})).isEmpty();
    }

    @Test
    void wordsBesideThePictureGoWithOtherKindsToo() throws Exception {
        byte[] png = picture("png", 8, 8);
        byte[] words = chunk("tEXt", "Location\u00009.25 N".getBytes(StandardCharsets.ISO_8859_1));
        var with = new ByteArrayOutputStream();
        with.write(png, 0, 33);
        with.write(words);
        with.write(png, 33, png.length - 33);
        assertThat(Pictures.withoutPlace("image/png", with.toByteArray())).isEqualTo(png);
        assertThatThrownBy(() -> Pictures.withoutPlace("image/png", Arrays.copyOf(png, 45)))
                .isInstanceOf(IOException.class);

        ByteBuffer webp = ByteBuffer.allocate(12 + 18 + 12 + 10).order(ByteOrder.LITTLE_ENDIAN);
        webp.put("RIFF".getBytes(StandardCharsets.US_ASCII)).putInt(webp.capacity() - 8);
        webp.put("WEBPVP8X".getBytes(StandardCharsets.US_ASCII))
                .putInt(10)
                .put((byte) 0x0C)
                .put(new byte[9]);
        webp.put("VP8 ".getBytes(StandardCharsets.US_ASCII)).putInt(4).putInt(7);
        webp.put("EXIF".getBytes(StandardCharsets.US_ASCII)).putInt(2).putShort((short) 5);
        ByteBuffer kept = ByteBuffer.wrap(Pictures.withoutPlace("image/webp", webp.array()))
                .order(ByteOrder.LITTLE_ENDIAN);
        assertThat(kept.capacity()).isEqualTo(42);
        assertThat(kept.getInt(4)).isEqualTo(34);
        assertThat(kept.get(20)).as("flags").isZero();
    }

    private static byte[] chunk(String kind, byte[] data) {
        var crc = new CRC32();
        crc.update(kind.getBytes(StandardCharsets.US_ASCII));
        crc.update(data);
        return ByteBuffer.allocate(12 + data.length)
                .putInt(data.length)
                .put(kind.getBytes(StandardCharsets.US_ASCII))
                .put(data)
                .putInt((int) crc.getValue())
                .array();
    }

    @Test
    void aPictureOfTooManyPixelsIsRefusedBeforeItIsUnpacked() throws Exception {
        byte[] png = picture("png", 60, 40);
        ByteBuffer.wrap(png).putInt(16, 30_000).putInt(20, 30_000);
        assertThat(Pictures.isTooLarge("image/png", png)).isTrue();
        assertThat(Pictures.isTooLarge("image/png", picture("png", 60, 40))).isFalse();
        byte[] webp = new byte[40];
        System.arraycopy("RIFF....WEBPVP8X".getBytes(StandardCharsets.ISO_8859_1), 0, webp, 0, 16);
        ByteBuffer.wrap(webp).order(ByteOrder.LITTLE_ENDIAN).putInt(24, 29_999).putShort(27, (short) 29_999);
        assertThat(Pictures.isTooLarge("image/webp", webp)).isTrue();
        byte[] cut = Arrays.copyOf(picture("png", 60, 40), 60);
        assertThatThrownBy(() -> Pictures.isTooLarge("image/png", cut)).isInstanceOf(IOException.class);
    }
}
