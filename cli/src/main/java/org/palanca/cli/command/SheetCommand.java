package org.palanca.cli.command;

import java.nio.file.Path;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.concurrent.Callable;
import org.palanca.cli.ExitCodes;
import org.palanca.io.SafeFile;
import org.palanca.io.pdf.FloorSheetPdf;
import org.palanca.shop.FloorSheet;
import org.palanca.vehicle.Vehicle;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Writes the one-page placement sheet for the floor. */
@Command(name = "sheet", mixinStandardHelpOptions = true, resourceBundle = "org.palanca.cli.cli")
public final class SheetCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Mixin
    private VehicleOptions input;

    @Parameters(index = "1", paramLabel = "PDF", descriptionKey = "pdf")
    private Path pdf;

    @Override
    public Integer call() throws Exception {
        Vehicle vehicle = input.open(spec.commandLine().getErr());
        FloorSheet sheet =
                FloorSheet.of(vehicle, input.file().getFileName().toString(), LocalDate.now(ZoneId.systemDefault()));
        SafeFile.write(pdf, FloorSheetPdf.bytes(sheet, input.words()));
        spec.commandLine().getOut().println(input.words().text("written", pdf));
        return ExitCodes.OK;
    }
}
