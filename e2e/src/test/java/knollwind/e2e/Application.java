package knollwind.e2e;

import java.util.List;
import java.util.Map;
import knollwind.server.DemoFolder;
import knollwind.server.ServerProcess;
import knollwind.server.TestDatabase;

/** The real application and one browser, shared by all tests of a JVM. */
final class Application {
    private static Application shared;

    private final TestDatabase database = new TestDatabase();
    private final ServerProcess server = new ServerProcess(
                    database,
                    database.port(),
                    Map.of(
                            "KNOLLWIND_DEMO",
                            DemoFolder.with("ternholm-night-ferry.json").toString()))
            .start();
    private final Chromium chromium = new Chromium();

    private Application() {
        Runtime.getRuntime().addShutdownHook(new Thread(() -> {
            server.close();
            database.close();
        }));
    }

    static synchronized Application get() {
        if (shared == null) {
            shared = new Application();
        }
        return shared;
    }

    String address() {
        return server.address();
    }

    /** A workbench, to be opened, with a copy of the demo of its own, so that tests do not disturb each other. */
    Workbench demo() {
        return Workbench.copyOfDemo(chromium.page(address()), address());
    }

    /** A workbench with a new project, opened. */
    Workbench begun(String beginning) {
        return Workbench.begun(chromium.page(address()), address(), beginning).open("");
    }

    Chromium chromium() {
        return chromium;
    }

    List<String> faults() {
        return chromium.faults();
    }
}
