package org.palanca.cli.command;

import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.Callable;
import org.palanca.io.sheet.SheetHead;
import org.palanca.io.sheet.SheetKind;
import org.palanca.vehicle.AxlePlace;
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

    @Parameters(index = "1", paramLabel = "PDF|SVG", descriptionKey = "sheet_file")
    private Path sheet;

    @Override
    public Integer call() throws Exception {
        Vehicle vehicle = input.open(spec.commandLine().getErr());
        SheetHead head = input.sheetHead(vehicle);
        for (Path written : SheetOutput.write(sheet, SheetKind.MOUNTS.pages(head, AxlePlace.FRONT, Optional.empty()))) {
            spec.commandLine().getOut().println(input.words().text("written", written));
        }
        return ExitCodes.OK;
    }
}
