package org.palanca.io.plate;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.DecodeHintType;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.ReaderException;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import java.util.Map;
import java.util.Optional;

/** Finds the square code of a plate's page (ISO/IEC 18004) in a picture of it. */
public final class PlateCodeReader {
    private PlateCodeReader() {}

    /**
     * What a code in a picture says; empty where none can be read.
     *
     * @param colours of its dots by row, each as 0xRRGGBB
     */
    public static Optional<String> text(int width, int height, int[] colours) {
        BinaryBitmap picture = new BinaryBitmap(new HybridBinarizer(new RGBLuminanceSource(width, height, colours)));
        try {
            return Optional.of(new QRCodeReader()
                    .decode(picture, Map.of(DecodeHintType.TRY_HARDER, true))
                    .getText());
        } catch (ReaderException e) {
            return Optional.empty();
        }
    }
}
