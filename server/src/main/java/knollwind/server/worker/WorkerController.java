package knollwind.server.worker;

import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Who takes exports. */
@RestController
class WorkerController {
    private final Workers workers;

    WorkerController(Workers workers) {
        this.workers = workers;
    }

    @GetMapping("/api/workers")
    List<WorkerView> all() {
        return workers.all();
    }
}
