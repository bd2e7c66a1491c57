package org.palanca.io.sheet;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import java.util.Map;

/** A square code (ISO/IEC 18004) on a page: read by a telephone as text, and by the program from a picture. */
final class Code {
    /** White round it that readers want, in modules. */
    private static final int QUIET = 4;

    private Code() {}

    /** Draws a text's code into a square. */
    static void draw(Page page, String text, double left, double top, double side) {
        BitMatrix modules = modules(text);
        int count = modules.getWidth();
        double module = side / count;
        for (int row = 0; row < count; row++) {
            for (int from = 0; from < count; from++) {
                if (!modules.get(from, row)) {
                    continue;
                }
                int to = from;
                while (to < count && modules.get(to, row)) {
                    to++;
                }
                page.block(left + from * module, top + row * module, (to - from) * module, module);
                from = to;
            }
        }
    }

    private static BitMatrix modules(String text) {
        try {
            return new QRCodeWriter()
                    .encode(
                            text,
                            BarcodeFormat.QR_CODE,
                            0,
                            0,
                            Map.of(
                                    EncodeHintType.ERROR_CORRECTION,
                                    ErrorCorrectionLevel.M,
                                    EncodeHintType.MARGIN,
                                    QUIET,
                                    EncodeHintType.CHARACTER_SET,
                                    "UTF-8"));
        } catch (WriterException e) {
            throw new IllegalArgumentException("too long for a code: " + text, e);
        }
    }
}
