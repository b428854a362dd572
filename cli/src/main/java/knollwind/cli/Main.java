package knollwind.cli;

import picocli.CommandLine;
import picocli.CommandLine.Command;

/** The commands that work on files alone. */
@Command(
        name = "knollwind",
        mixinStandardHelpOptions = true,
        version = "Knollwind 0.1.0",
        description = "Make words move: commands that work on files, without a server.",
        subcommands = {
            SegmentCommand.class,
            UnitsCommand.class,
            EaseCommand.class,
            TimingCommand.class,
            FrameCommand.class,
            RenderCommand.class,
            MakeCommand.class,
            ReelCommand.class,
            BackdropCommand.class,
            MovesCommand.class,
            DirectCommand.class,
            DressCommand.class,
            LooksCommand.class,
            BeatsCommand.class,
            AlignCommand.class,
            SpeakCommand.class,
            CaptionsCommand.class,
            UpgradeCommand.class
        })
public final class Main {
    public static void main(String[] arguments) {
        CommandLine line = new CommandLine(new Main());
        line.setCaseInsensitiveEnumValuesAllowed(true);
        line.setExecutionExceptionHandler((error, command, parsed) -> {
            command.getErr().println("knollwind: " + error.getMessage());
            return 1;
        });
        int code = line.execute(arguments);
        System.out.flush();
        System.exit(code);
    }
}
