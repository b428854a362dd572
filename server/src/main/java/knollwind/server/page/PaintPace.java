package knollwind.server.page;

import java.io.IOException;
import knollwind.paint.PaceWorker;
import knollwind.server.Settings;
import knollwind.server.WorkerProcess;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/** How fast this machine paints, measured once after the server has started, so that what dressings are said to cost is what they cost here. */
@Component
class PaintPace {
    private static final Logger LOG = LoggerFactory.getLogger(PaintPace.class);

    /** No machine that this runs on is further from the one that the weights were fitted on; one that seems so was busy. */
    private static final double FURTHEST = 10;

    private final Settings settings;
    private volatile double pace = 1;

    PaintPace(Settings settings) {
        this.settings = settings;
    }

    /** Ms for each that {@code PaintCost} says of a list; 1 until it is measured. */
    double pace() {
        return pace;
    }

    /** In a process of its own, since native code paints. */
    void measure() throws InterruptedException {
        try {
            read(WorkerProcess.run(PaceWorker.class, settings.work()));
        } catch (IOException e) {
            LOG.warn("The pace of painting was not measured", e);
        }
    }

    /** @param said by the process; of anything but a pace the last one stays */
    void read(String said) {
        String line = said.strip();
        if (line.startsWith(PaceWorker.SAYS)) {
            double measured = Double.parseDouble(line.substring(PaceWorker.SAYS.length()));
            pace = Math.max(1 / FURTHEST, Math.min(FURTHEST, measured));
            LOG.info("Painting takes {} times what its weights say", pace);
        }
    }
}
