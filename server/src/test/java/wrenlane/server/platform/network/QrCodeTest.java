package wrenlane.server.platform.network;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.LuminanceSource;
import com.google.zxing.ReaderException;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** What is drawn is read back as a camera does, from the picture alone. */
class QrCodeTest {
    private static final String PLACE = "https://192.168.107.203:8788/range";

    /** Pixels along the side of a module. */
    private static final int SCALE = 8;

    @Test
    void thePathReadsAsTheAddress() throws ReaderException {
        QrCode code = QrCode.of(PLACE);
        boolean[][] dark = new boolean[code.size()][code.size()];
        Pattern.compile("M(\\d+) (\\d+)h1v1h-1z")
                .matcher(code.path())
                .results()
                .forEach(m -> dark[number(m, 2)][number(m, 1)] = true);
        assertThat(read(dark)).isEqualTo(PLACE);
    }

    @Test
    void theLinesOfATerminalReadAsTheAddress() throws ReaderException {
        QrCode code = QrCode.of(PLACE);
        boolean[][] dark = new boolean[code.size()][code.size()];
        String[] lines = code.lines().split("\n");
        for (int y = 0; y < code.size(); y++) {
            for (int x = 0; x < code.size(); x++) {
                char two = lines[y / 2].charAt(x);
                dark[y][x] = two == ' ' || two == (y % 2 == 0 ? '▄' : '▀');
            }
        }
        assertThat(read(dark)).isEqualTo(PLACE);
    }

    private static int number(MatchResult found, int group) {
        return Integer.parseInt(found.group(group));
    }

    private static String read(boolean[][] dark) throws ReaderException {
        int side = dark.length * SCALE;
        LuminanceSource picture = new LuminanceSource(side, side) {
            @Override
            public byte[] getRow(int y, byte[] row) {
                byte[] filled = row != null && row.length >= side ? row : new byte[side];
                for (int x = 0; x < side; x++) {
                    filled[x] = (byte) (dark[y / SCALE][x / SCALE] ? 0 : 255);
                }
                return filled;
            }

            @Override
            public byte[] getMatrix() {
                byte[] all = new byte[side * side];
                for (int y = 0; y < side; y++) {
                    System.arraycopy(getRow(y, new byte[side]), 0, all, y * side, side);
                }
                return all;
            }
        };
        return new QRCodeReader()
                .decode(new BinaryBitmap(new HybridBinarizer(picture)))
                .getText();
    }
}
