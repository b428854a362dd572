package knollwind.server.library;

import java.util.List;
import knollwind.core.library.LookLibrary;
import knollwind.core.library.ReadyLook;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Ready-made looks. */
@RestController
class LookController {
    @GetMapping("/api/looks")
    List<ReadyLook> looks() {
        return LookLibrary.looks();
    }
}
