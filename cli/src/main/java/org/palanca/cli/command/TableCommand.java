package org.palanca.cli.command;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import org.jspecify.annotations.Nullable;
import org.palanca.base.words.Message;
import org.palanca.base.words.Words;
import org.palanca.cli.print.ReportJson;
import org.palanca.floor.plate.PlateList;
import org.palanca.io.plate.CutTable;
import org.palanca.vehicle.Vehicle;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Reads cutting files as a shop's table would, and says which it refuses. */
@Command(name = "table", mixinStandardHelpOptions = true, resourceBundle = "org.palanca.cli.cli")
public final class TableCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Mixin
    private VehicleOptions input;

    @Parameters(index = "1", paramLabel = "DXF|FOLDER", descriptionKey = "table_files")
    private Path files;

    @Mixin
    private JsonOption json;

    @Option(names = "--wide", paramLabel = "LENGTH", descriptionKey = "table_wide")
    private @Nullable String wide;

    @Option(names = "--high", paramLabel = "LENGTH", descriptionKey = "table_high")
    private @Nullable String high;

    @Option(names = "--kerf", paramLabel = "LENGTH", descriptionKey = "table_kerf")
    private @Nullable String kerf;

    @Override
    public Integer call() throws Exception {
        PrintWriter out = spec.commandLine().getOut();
        Words words = input.words();
        Vehicle vehicle = input.open(spec.commandLine().getErr());
        if (!Files.exists(files)) {
            throw new CommandFailure(ExitCodes.FILE, Message.of("table_missing", files));
        }
        CutTable.Bed usual = CutTable.Bed.USUAL;
        CutTable.Bed bed = new CutTable.Bed(
                length(wide, usual.width()), length(high, usual.height()), length(kerf, usual.kerf()), usual.lead());
        if (!bed.possible()) {
            throw new CommandFailure(ExitCodes.USAGE, Message.of("table_bed"));
        }
        List<CutTable.Job> jobs = CutTable.look(files, PlateList.of(vehicle).plates(), bed);
        boolean refused = jobs.stream().anyMatch(job -> !job.refused().isEmpty());
        if (json.asked()) {
            ReportJson report = new ReportJson("table", vehicle, words);
            ArrayNode all = report.root().putArray("files");
            for (CutTable.Job job : jobs) {
                ObjectNode node = all.addObject();
                node.put("file", job.file());
                node.put("mark", job.mark());
                node.put("cut", job.refused().isEmpty());
                ArrayNode why = node.putArray("refused");
                job.refused().forEach(one -> report.message(why.addObject(), one));
            }
            out.println(report.text());
        } else {
            for (CutTable.Job job : jobs) {
                String verdict = job.refused().isEmpty() ? "table_cut" : "table_refused";
                out.println(words.text(verdict, job.file(), job.mark()));
                job.refused().forEach(one -> out.println("  ! " + words.text(one)));
            }
            if (jobs.isEmpty()) {
                out.println(words.text("table_none", files));
            }
        }
        return refused || jobs.isEmpty() ? ExitCodes.PROBLEMS : ExitCodes.OK;
    }

    private double length(@Nullable String typed, double usual) throws CommandFailure {
        return typed == null ? usual : input.length(typed);
    }
}
