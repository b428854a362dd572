package knollwind.cli;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import knollwind.core.motion.Easing;
import knollwind.core.motion.Easings;
import picocli.CommandLine.ArgGroup;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Prints samples of easing functions. */
@Command(
        name = "ease",
        mixinStandardHelpOptions = true,
        description = "Print samples of an easing function, or of every one in a file, evenly from 0 to 1.")
final class EaseCommand implements Callable<Integer> {
    /** One function or a file of them. */
    static final class Source {
        @Parameters(paramLabel = "FUNCTION", description = "such as \"cubic-bezier(0.16, 1, 0.3, 1)\"")
        String function;

        @Option(names = "--functions", required = true, description = "file of functions, one a line")
        Path functions;
    }

    @ArgGroup(multiplicity = "1")
    private Source source;

    @Option(names = "--samples", defaultValue = "11", description = "2 or more, ${DEFAULT-VALUE} if left out")
    private int samples;

    @Override
    public Integer call() throws Exception {
        if (samples < 2) {
            throw new IllegalArgumentException("--samples must be 2 or more, not " + samples);
        }
        List<String> functions = source.function != null
                ? List.of(source.function)
                : Texts.lines(source.functions).stream()
                        .filter(line -> !line.isBlank())
                        .toList();
        for (String function : functions) {
            Easing easing = Easings.read(function);
            List<Double> values = new ArrayList<>();
            for (int i = 0; i < samples; i++) {
                values.add(easing.at((double) i / (samples - 1)));
            }
            Map<String, Object> result = new LinkedHashMap<>();
            result.put("function", function);
            result.put("values", values);
            Texts.print(result);
        }
        Texts.OUT.flush();
        return 0;
    }
}
