package joropo.app.print;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import java.util.Map;

/** A text as a square that a phone reads. */
final class QrCode {
    private QrCode() {}

    /** As a drawing, a unit a field; what oil and thumbs take away may be a quarter. */
    static String svg(String text) {
        try {
            BitMatrix fields = new QRCodeWriter()
                    .encode(
                            text,
                            BarcodeFormat.QR_CODE,
                            0,
                            0,
                            Map.of(
                                    EncodeHintType.ERROR_CORRECTION,
                                    ErrorCorrectionLevel.Q,
                                    EncodeHintType.MARGIN,
                                    4,
                                    EncodeHintType.CHARACTER_SET,
                                    "UTF-8"));
            var path = new StringBuilder();
            for (int y = 0; y < fields.getHeight(); y++) {
                for (int x = 0; x < fields.getWidth(); x++) {
                    if (fields.get(x, y)) {
                        path.append('M').append(x).append(' ').append(y).append("h1v1h-1z");
                    }
                }
            }
            int side = fields.getWidth();
            return "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 " + side + " " + side
                    + "\"><rect width=\"" + side + "\" height=\"" + side + "\" fill=\"#ffffff\"/><path d=\"" + path
                    + "\" fill=\"#000000\"/></svg>";
        } catch (WriterException e) {
            throw new IllegalArgumentException("No square holds this text: " + text, e);
        }
    }
}
