package wrenlane.server.platform.network;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import java.util.Map;

/**
 * An address as a QR code (ISO/IEC 18004), with its quiet zone of four modules round it.
 *
 * @param dark which modules are dark
 */
record QrCode(BitMatrix dark) {
    private static final int QUIET = 4;

    /** Of an address. */
    static QrCode of(String address) {
        try {
            return new QrCode(new QRCodeWriter()
                    .encode(
                            address,
                            BarcodeFormat.QR_CODE,
                            0,
                            0,
                            Map.of(
                                    EncodeHintType.MARGIN,
                                    QUIET,
                                    EncodeHintType.ERROR_CORRECTION,
                                    ErrorCorrectionLevel.M)));
        } catch (WriterException e) {
            throw new IllegalArgumentException("an address of at most a hundred letters is wanted", e);
        }
    }

    /** Modules along a side. */
    int size() {
        return dark.getWidth();
    }

    /** The dark modules as the path of an SVG whose unit is one module. */
    String path() {
        StringBuilder path = new StringBuilder();
        for (int y = 0; y < size(); y++) {
            for (int x = 0; x < size(); x++) {
                if (dark.get(x, y)) {
                    path.append('M').append(x).append(' ').append(y).append("h1v1h-1z");
                }
            }
        }
        return path.toString();
    }

    /** For a terminal, two rows a line: light modules are drawn, so that it reads on a dark ground. */
    String lines() {
        StringBuilder lines = new StringBuilder();
        for (int y = 0; y < size(); y += 2) {
            for (int x = 0; x < size(); x++) {
                boolean upper = !dark.get(x, y);
                boolean lower = y + 1 < size() && !dark.get(x, y + 1);
                lines.append(upper ? lower ? '█' : '▀' : lower ? '▄' : ' ');
            }
            lines.append('\n');
        }
        return lines.toString();
    }
}
