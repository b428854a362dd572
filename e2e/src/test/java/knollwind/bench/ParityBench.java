package knollwind.bench;

import java.util.Map;
import knollwind.core.scene.Scene;
import knollwind.e2e.Chromium;
import knollwind.e2e.Shot;
import knollwind.e2e.Workbench;
import knollwind.server.ServerProcess;
import knollwind.server.TestDatabase;

/** The Java painter against the browser's software surface on every scene of the demo, ten frames each. */
final class ParityBench {
    private ParityBench() {}

    static void run() {
        try (TestDatabase database = new TestDatabase();
                ServerProcess server = new ServerProcess(database, database.port(), Map.of()).start();
                Chromium chromium = new Chromium()) {
            Workbench bench = Workbench.copyOfDemo(chromium.page(server.address()), server.address());
            for (Scene scene : bench.document().scenes()) {
                bench.open("scene=" + scene.id());
                int most = 0;
                double mean = 0;
                for (int i = 0; i < 10; i++) {
                    int frame = (scene.length() - 1) * i / 9;
                    Shot seen = bench.at(frame).shot();
                    Shot.Difference difference =
                            seen.from(Shot.painted(bench.document(), scene.id(), frame, seen.width(), seen.height()));
                    most = Math.max(most, difference.most());
                    mean = Math.max(mean, difference.mean());
                }
                System.out.printf(
                        "parity       %-9s ten frames: max %d, mean at most %.4f of 255%n", scene.name(), most, mean);
            }
        }
    }
}
