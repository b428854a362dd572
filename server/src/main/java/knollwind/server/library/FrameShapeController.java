package knollwind.server.library;

import java.util.List;
import knollwind.core.library.FrameShape;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The shapes of frames that have a name. */
@RestController
@RequestMapping("/api/frame-shapes")
class FrameShapeController {
    @GetMapping
    List<FrameShape> shapes() {
        return FrameShape.all();
    }
}
