package knollwind.server.reel;

import knollwind.core.simulation.FallFolder;
import knollwind.core.simulation.Falls;
import knollwind.server.Settings;
import org.springframework.stereotype.Component;

/** Falls that have been computed outlive the server, and exports find them. */
@Component
class FallFiles {
    FallFiles(Settings settings) {
        Falls.keepIn(new FallFolder(settings.falls()), false);
    }
}
